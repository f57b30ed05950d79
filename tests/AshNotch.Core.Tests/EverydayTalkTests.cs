using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>The sport borrowed its names from everyday things; in everyday talk they are those things.</summary>
public class EverydayTalkTests
{
    private static IEnumerable<Notch> Notches(string text) => Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches);

    [Theory]
    [InlineData("we drove the truck to the mountain and had to pass through a small town")]
    [InlineData("somebody left a mount for the camera by the door and the side of it was bent")]
    [InlineData("my back hurts when i sit in the seated row machine")]
    [InlineData("we swept the mats before class and i had to post the photos after")]
    [InlineData("i took a single photo and a double espresso")]
    [InlineData("i was on the edge of my seat and the spider on the ceiling scared the kids")]
    [InlineData("butterfly stroke is hard and i switched bags with him by mistake")]
    [InlineData("we framed the picture of the team beside the turtle in the tank")]
    [InlineData("the saddle on my bike broke and i stretched on the bridge of the boat")]
    [InlineData("he tapped me on the shoulder and said the guard at the gate was rude")]
    [InlineData("the escape room was fun, he choked on his water and everybody laughed")]
    [InlineData("she locked the door and hit the lights and he reversed the car")]
    [InlineData("i headed home and had to shoot some emails")]
    public void Everyday_things_are_no_notches(string text) => Assert.Empty(Notches(text));

    [Theory]
    [InlineData("he swept me to the edge of the mats", "sweep")]
    [InlineData("i had no room to escape but i escaped", "escape")]
    [InlineData("he took the truck and finished the twister", "twister")]
    [InlineData("i framed on his neck and got my knee in", "knee-in")]
    [InlineData("i shot a single and finished it", "single-leg")]
    [InlineData("i mounted him and it was tight", "take-mount")]
    [InlineData("he bridged and reversed me", "sweep")]
    public void The_same_words_on_the_mat_are(string text, string move) => Assert.Contains(move, Notches(text).Select(n => n.Move?.Value));
}

using AshNotch.Core.Reading;

namespace AshNotch.App.Views;

/// <summary>Something of a telling that is kept to be remembered, and is no event.</summary>
/// <param name="What">What it is: Mission, Check, Advice, Missed, Taught.</param>
/// <param name="Text">In the words of the telling.</param>
public sealed record RememberedView(string What, string Text)
{
    /// <summary>All of a roll's reading.</summary>
    public static IReadOnlyList<RememberedView> Of(RollRead read) =>
        [
            .. read.Mission is { } mission
                ? mission.Checks.Select(c => new RememberedView("Check", c.Text)).Prepend(new RememberedView("Mission", mission.Text))
                : [],
            .. read
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .SelectMany(n => n.Advice)
                .Select(a => new RememberedView(a.From is { } by ? $"Advice, {by}" : "Advice", a.Text)),
            .. read.Missed.Select(m => new RememberedView("Missed", m.Text)),
            .. read.Taught.Select(t => new RememberedView(t.By is { } by ? $"Taught, {by}" : "Taught", t.Text)),
        ];
}

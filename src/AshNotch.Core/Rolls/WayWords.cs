using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>An exchange as one would say it on the mat.</summary>
public static class WayWords
{
    /// <summary>It by its name: <c>They pass your half guard with the knee cut</c>, <c>Your scissor sweep from your closed guard</c>.</summary>
    /// <param name="way">The way.</param>
    /// <param name="to">Where it led, most frequent first; <c>tap</c> for a tap.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static string Of(Way way, IReadOnlyList<string> to, MatVocabulary vocabulary) =>
        way.By == Who.Partner ? Theirs(way, to, vocabulary) : $"{Mine(way, to, vocabulary)} {vocabulary.SayFrom(way.From)}";

    /// <summary>What is mine, without the place: <c>Your scissor sweep</c>, <c>Getting to your mount</c>.</summary>
    public static string Mine(Way way, IReadOnlyList<string> to, MatVocabulary vocabulary) =>
        way.Move is { } named ? $"Your {vocabulary.MoveName(named)}"
        : to is ["tap"] ? "Your finish"
        : $"Getting to {Reached(to, vocabulary)}";

    /// <summary>What a partner does to me, without a stop.</summary>
    public static string Theirs(Way way, IReadOnlyList<string> to, MatVocabulary vocabulary)
    {
        var from = way.From;
        var place = vocabulary.SayFrom(from);
        var reached = Reached(to, vocabulary);
        if (way.Move is not { } id)
            return to is ["tap"] ? $"They finish you {place}" : $"They get to {reached} {place}";
        var name = vocabulary.MoveName(id);
        var known = vocabulary.Move(id);
        // A general name says no more than the verb does.
        var with = known?.Word == MoveWord.General ? "" : $" with the {name}";
        return known?.Kind switch
        {
            MoveKind.Pass when vocabulary.Place(from) is { IsGuard: true } =>
                $"They pass {vocabulary.SayPlace(from)}{Short(with, " pass")}",
            MoveKind.Sweep => $"They sweep you {place}{with}",
            MoveKind.Takedown => from == PlaceId.Standing ? $"They take you down{with}" : $"They take you down {place}{with}",
            MoveKind.BackTake => $"They take your back {place}{with}",
            MoveKind.Escape when from == PlaceId.Standing => $"They get out of it on the feet{with}",
            MoveKind.Escape => $"They escape {vocabulary.SayPlace(from)}{with}",
            MoveKind.GuardRecovery => $"They get their guard back {place}{with}",
            MoveKind.GuardPull when known.Name.StartsWith("sit ", StringComparison.Ordinal) => $"They {known.Name}",
            MoveKind.GuardPull => $"They pull guard{(known.Name == "guard pull" ? "" : with)}",
            MoveKind.Submission => $"They {(to is ["tap"] ? "finish" : "get")} the {name} {place}",
            MoveKind.Transition when to.Count == 0 || to[0] == from.Value => $"They improve {vocabulary.SayIn(from)}{with}",
            MoveKind.Transition when to[0] != "tap" => $"They get to {reached} {place}{with}",
            _ => $"They {(to is ["tap"] ? "finish" : "land")} the {name} {place}",
        };
    }

    /// <summary>It as a piece of work: <c>Stop the knee cut pass from your half guard, on the left.</c></summary>
    public static string AsWork(Way way, MatVocabulary vocabulary)
    {
        var there = vocabulary.SayFrom(way.From);
        var side = way.Side is { } on ? $", {SaySide(on)}" : "";
        if (way.IsUnnamedFinish)
            return way.By == Who.Partner ? $"Stop them finishing you {there}{side}." : $"Finish more {there}{side}.";
        var getting = $"getting to {(way.To is { } to ? vocabulary.SayPlace(to) : "")}";
        if (way.By == Who.Partner)
            return $"Stop {(way.Move is { } theirs ? $"the {vocabulary.MoveName(theirs)}" : getting)} {there}{side}.";
        return $"Land {(way.Move is { } mine ? $"your {vocabulary.MoveName(mine)}" : getting)} {there}{side}.";
    }

    /// <summary>A side in running text: <c>on the left</c>, <c>on the near side</c>.</summary>
    public static string SaySide(BodySide side) =>
        side is BodySide.Left or BodySide.Right ? $"on the {Term.Say(side)}" : $"on the {Term.Say(side)} side";

    private static string Reached(IReadOnlyList<string> to, MatVocabulary vocabulary) =>
        to.Count == 0 || to[0] == "tap" ? "a tap" : vocabulary.SayPlace(new PlaceId(to[0]));

    private static string Short(string with, string ending) =>
        with.EndsWith(ending, StringComparison.Ordinal) ? with[..^ending.Length] : with;
}

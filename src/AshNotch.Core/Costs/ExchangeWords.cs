using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>What a partner does to me, as one would say it on the mat: <c>They pass your half guard with the knee cut</c>.</summary>
public static class ExchangeWords
{
    /// <summary>Says it, without a stop.</summary>
    /// <param name="from">The place it starts from, seen from me.</param>
    /// <param name="move">The move; null where nobody named it.</param>
    /// <param name="to">Where it led, most frequent first; <c>tap</c> for a tap.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static string Theirs(PlaceId from, MoveId? move, IReadOnlyList<string> to, MatVocabulary vocabulary)
    {
        var place = vocabulary.SayFrom(from);
        var reached = Reached(to, vocabulary);
        if (move is not { } id)
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
            MoveKind.Escape => $"They escape {vocabulary.SayPlace(from)}{with}",
            MoveKind.GuardRecovery => $"They get their guard back {place}{with}",
            MoveKind.GuardPull => $"They pull guard{(known.Name == "guard pull" ? "" : with)}",
            MoveKind.Submission => $"They {(to is ["tap"] ? "finish" : "get")} the {name} {place}",
            MoveKind.Transition when to.Count == 0 || to[0] == from.Value => $"They improve {vocabulary.SayIn(from)}{with}",
            MoveKind.Transition when to[0] != "tap" => $"They get to {reached} {place}{with}",
            _ => $"They {(to is ["tap"] ? "finish" : "land")} the {name} {place}",
        };
    }

    /// <summary>Where an exchange mostly leads, in words.</summary>
    public static string Reached(IReadOnlyList<string> to, MatVocabulary vocabulary) =>
        to.Count == 0 || to[0] == "tap" ? "a tap" : vocabulary.SayPlace(new PlaceId(to[0]));

    private static string Short(string with, string ending) =>
        with.EndsWith(ending, StringComparison.Ordinal) ? with[..^ending.Length] : with;
}

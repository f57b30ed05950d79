using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A notch in one line of words, as it is read out and shown beside the stick.</summary>
public static class NotchWords
{
    /// <summary>Such as <c>They landed the knee cut pass: your half guard to their side control</c>.</summary>
    public static string Of(Notch notch, MatVocabulary vocabulary)
    {
        var who = notch.By == Who.Me ? "You" : "They";
        var what = What(notch, vocabulary);
        var outcome = notch.Outcome switch
        {
            Outcome.Threatened => $"{who} threatened {what}",
            Outcome.Stopped => $"{who} tried {what}, stopped",
            Outcome.Abandoned => $"{who} tried {what}, gave it up",
            Outcome.Near => $"{who} nearly had {what}",
            Outcome.Tap => notch.Move is null ? $"{who} got the tap" : $"{who} finished {what}",
            _ => notch.Move is null ? $"{who} moved on" : $"{who} landed {what}",
        };
        var places = (notch.From, notch.To) switch
        {
            ({ } from, { } to) => $": {vocabulary.SayPlace(from)} to {vocabulary.SayPlace(to)}",
            ({ } from, null) => $", from {vocabulary.SayPlace(from)}",
            (null, { } to) => $", to {vocabulary.SayPlace(to)}",
            _ => "",
        };
        var side = notch.Side is { } s ? $" ({Term.Of(s)})" : "";
        var given = notch.Given switch
        {
            Who.Me => ", you let it happen",
            Who.Partner => ", they let it happen",
            _ => "",
        };
        return outcome + side + places + given + (notch.Unsure ? ", unsure" : "");
    }

    /// <summary>The short name beside its cut: its move, else the position it led to; empty when neither was named.</summary>
    public static string Brief(Notch notch, MatVocabulary vocabulary) =>
        notch.Move is { } move ? vocabulary.MoveName(move)
        : notch.To is { } to ? vocabulary.Place(to)?.Position.Name ?? vocabulary.SayPlace(to)
        : "";

    private static string What(Notch notch, MatVocabulary vocabulary) =>
        notch.Move is { } move ? "the " + vocabulary.MoveName(move) : "something";
}

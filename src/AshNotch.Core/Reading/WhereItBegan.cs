using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// Where several things were told that were not understood, what came next may have begun anywhere: that is asked, once a roll, instead of
/// each of them.
/// </summary>
internal static class WhereItBegan
{
    private const int Several = 2;
    private const int MostPlaces = 4;
    private static readonly string[] Usual = ["closed-guard/bottom", "half-guard/bottom", "side-control/top", "back-control/top"];

    /// <summary>The reading with the question in it, where there is one.</summary>
    /// <param name="read">The reading of a roll.</param>
    /// <param name="vocabulary">What things are called.</param>
    public static RollRead Asked(RollRead read, MatVocabulary vocabulary)
    {
        var missed = read.Unread.Where(u => u.LooksLikeEvent).ToList();
        if (missed.Count < Several)
            return read;
        var since = missed[Several - 1].End;
        foreach (var (exchange, e) in read.Exchanges.Select((x, i) => (x.Exchange, i)))
        foreach (var (notch, n) in exchange.Notches.Select((x, i) => (x, i)))
        {
            var isAsked = read.Questions.Any(q => q.Exchange == e && q.Notch == n);
            if (!isAsked && notch.Span is { } words && words.Start >= since && vocabulary.Move(notch.Move) is not { Stays: true })
                return read with { Questions = [.. read.Questions, Ask(e, n, notch, vocabulary)] };
        }
        return read;
    }

    private static Question Ask(int exchange, int index, Notch notch, MatVocabulary vocabulary)
    {
        var move = vocabulary.Move(notch.Move);
        var begun = move is { From.Count: > 0 } ? move.From : [.. Usual.Select(p => vocabulary.Place(new PlaceId(p))).OfType<Place>()];
        var named =
            move?.Name
            ?? (
                notch.Outcome == Outcome.Tap ? "tap"
                : notch.To is { } to ? vocabulary.SayPlace(to)
                : "next thing"
            );
        return new Question(
            exchange,
            index,
            Doubt.Place,
            $"Where were you when the {named} came?",
            [
                .. begun
                    .Select(p => (PlaceId?)p.SeenBy(notch.By).Id)
                    .Prepend(notch.From)
                    .OfType<PlaceId>()
                    .Distinct()
                    .Take(MostPlaces)
                    .Select(p => new Answer(vocabulary.SayPlace(p), notch with { From = p })),
                new Answer("Don't know", notch),
            ]
        );
    }
}

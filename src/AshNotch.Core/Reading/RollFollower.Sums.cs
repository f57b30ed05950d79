using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Taps told by their number first, "he tapped me three times", and one by one after it.</summary>
internal sealed partial class RollFollower
{
    private static readonly HashSet<string> Many =
    [
        "two",
        "three",
        "four",
        "five",
        "six",
        "couple",
        "few",
        "multiple",
        "several",
        "2",
        "3",
        "4",
        "5",
    ];
    private static readonly HashSet<string> Lists =
    [
        "first",
        "second",
        "third",
        "fourth",
        "last",
        "once",
        "one",
        "another",
        "next",
        "then",
        "1st",
        "2nd",
        "3rd",
        "other",
    ];
    private static readonly HashSet<string> TapVerbs = ["tap", "submit", "chok", "choke", "finish", "catch", "got", "get"];

    /// <summary>Whose taps are being told one by one, and where their number stood.</summary>
    private (Who By, Span Words, bool Told)? sum;

    // The number counts nothing by itself when the taps are told after it.
    private bool HearSum(Clause clause)
    {
        if (
            !CountsTimes(clause)
            || clause.SaysAny(Wishes)
            || clause.Found.Any(f => f.Move is not null and not { IsSubmission: true, Word: Vocabulary.MoveWord.General })
        )
            return false;
        foreach (var (index, word) in Enumerable.Range(clause.First, clause.After - clause.First).Select(i => (i, clause.Words[i])))
        {
            if (!TapVerbs.Contains(word.Stem))
                continue;
            var passive =
                index > clause.First && clause.Words[index - 1].Stem is "get" or "be" && word.Text.EndsWith("ed", StringComparison.Ordinal);
            var hurt = clause.ObjectAfter(index);
            if (hurt is null && !passive && !(word.Stem == "tap" && clause.Subject is not null))
                continue;
            var by = hurt is { } them ? them.Other() : (clause.Subject ?? subject ?? Who.Me).Other();
            Unfinished();
            account.Close(null);
            sum = (by, new Span(clause.Start, clause.End), false);
            foreach (var found in clause.Found.Where(f => f.Move is not null))
                Understood[found] = (found.Move!.Id.Value, by);
            return true;
        }
        return false;
    }

    // Whose submission it is when only its name is listed: "first was a heel hook", "once with a bow and arrow".
    private Who? Listed(Clause clause) =>
        sum is { } told
        && clause.Subject is null
        && Enumerable.Range(clause.First, Math.Min(4, clause.After - clause.First)).Any(i => Lists.Contains(clause.Words[i].Text))
            ? told.By
            : null;

    // A number that nothing followed was at least one tap.
    private void FinishSum()
    {
        if (sum is not { Told: false } told)
            return;
        var tapped = new NotchSoFar(
            new Notch
            {
                By = told.By,
                From = account.Now?.Id,
                Outcome = Outcome.Tap,
                Span = told.Words,
            }
        );
        // How many of them were in this roll, and to what, nobody said.
        tapped.Doubts.Add(Doubt.Outcome);
        account.Add(tapped);
        account.Close(ExchangeEnd.Tap);
    }

    private static bool CountsTimes(Clause clause) =>
        clause.Says("twice")
        || Enumerable
            .Range(clause.First, clause.After - clause.First)
            .Any(i =>
                clause.Words[i].Text == "times"
                && Enumerable
                    .Range(Math.Max(clause.First, i - 2), i - Math.Max(clause.First, i - 2))
                    .Any(k => Many.Contains(clause.Words[k].Text))
            );
}

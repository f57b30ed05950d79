using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// Taps: the first thing a practitioner trusts or distrusts. One whose side or fact is not said but follows from what was told before is asked,
/// never counted in silence.
/// </summary>
internal sealed partial class RollFollower
{
    private static readonly string[] Denials =
    [
        "doesnt",
        "does not",
        "didnt",
        "did not",
        "never",
        "neither",
        "nobody",
        "no one",
        "without",
        "dont",
        "wont",
        "wouldnt",
        "nor",
    ];

    private static readonly string[] Wishes = ["id have", "i would have", "he would have", "she would have", "should have", "could have"];

    private static readonly HashSet<string> BodyAndMat = ["knee", "shoulder", "mat", "leg", "arm", "foot", "hip", "head", "thigh", "wrist"];

    /// <summary>Who made whom tap, if the clause tells of a tap: the one who applied, where the clause says.</summary>
    private static (int Index, Who? Applier)? Taps(Clause clause)
    {
        if (clause.SaysAny(Denials) || clause.SaysAny(Wishes))
            return null;
        foreach (var (index, word) in clause.Loose)
        {
            if (!IsTap(word) || clause.At(index - 1) is "no" or "not" || clause.Says("on the shoulder"))
                continue;
            if (IsWordAlone(clause, index))
                return (index, null);
            // "tapped him", "got the tap": the subject applied. "I tapped": the other did.
            var ofSubject =
                clause.ObjectAfter(index) is not null
                || (clause.At(index - 1) is "the" or "a" or "quick" or "another" && !clause.Says("to tap"))
                || clause.SaysAny(["made him tap", "made her tap", "made me tap", "makes me tap"]);
            return (index, clause.Subject is { } s ? (ofSubject ? s : s.Other()) : null);
        }
        return null;
    }

    // Fingers are taped.
    private static bool IsTap(Word word) => word.Stem == "tap" && word.Text is not ("tape" or "taped" or "taping" or "tapes");

    // "Americana from mount, tap": the word alone is what came of it, and whoever applied it got it.
    private static bool IsWordAlone(Clause clause, int index) =>
        clause.Words[index].Text == "tap"
        && clause.ObjectAfter(index) is null
        && clause.Found.Any(f => f.After <= index)
        && clause.At(index - 1) is var before
        && before is not ("to" or "and" or "had" or "have" or "must" or "the" or "a" or "quick" or "another")
        && before is not ("i" or "he" or "she" or "they" or "me" or "him" or "her" or "them");

    // The clause itself says who tapped, and it is a person who is tapped.
    private static bool IsSideSaid(Clause clause, (int Index, Who? Applier) tap) =>
        tap.Applier is not null && !Enumerable.Range(tap.Index + 1, 3).Any(i => BodyAndMat.Contains(clause.At(i)));

    private bool HearTap(Clause clause, Who? by, bool sideSaid)
    {
        if (
            account.LastBefore is { } told
            && account.IsFresh
            && told.Notch.Outcome == Outcome.Tap
            && (by is null || told.Notch.By == by)
            && !clause.Says("again")
        )
        {
            // The same tap told again settles what was asked of it.
            told.Doubts.Remove(Doubt.Outcome);
            if (sideSaid)
                told.Doubts.Remove(Doubt.Who);
            return true;
        }
        if (by is null)
            return false;
        if (Submission(by.Value) is { } applied)
        {
            Set(applied, Outcome.Tap);
            if (sideSaid)
                applied.Doubts.Remove(Doubt.Who);
            account.Close(ExchangeEnd.Tap);
            return true;
        }
        var tapped = new NotchSoFar(
            new Notch
            {
                By = by.Value,
                From = account.Now?.Id,
                Outcome = Outcome.Tap,
                Inferred = account.Now is null ? [] : ["from"],
                Span = new Span(clause.Start, clause.End),
            }
        );
        if (!sideSaid)
            tapped.Doubts.Add(Doubt.Who);
        account.Add(tapped);
        account.Close(ExchangeEnd.Tap);
        return true;
    }

    // The submission of that side which the tap belongs to: the last thing told, or the last of theirs that was still on.
    private NotchSoFar? Submission(Who by)
    {
        if (account.Last is not { } last)
            return null;
        if (last.Notch.By == by)
            return last.Move is { IsSubmission: true } ? last : null;
        return
            account.Notches.LastOrDefault(n => n.Notch.By == by) is { Move.IsSubmission: true } earlier
            && earlier.Notch.Outcome is Outcome.Stopped or Outcome.Tap or Outcome.Near or Outcome.Threatened
            ? earlier
            : null;
    }

    // Whom a clause says it was done to: "choked me".
    private static Who? Sufferer(Clause clause, Found found) =>
        Enumerable
            .Range(found.First, found.Count)
            .Select(i => clause.At(i) is "me" ? Who.Me : clause.ObjectAfter(i))
            .FirstOrDefault(w => w is not null);

    // What is in doubt of a submission that is taken to have ended in a tap.
    private IEnumerable<Doubt> DoubtsOfTap(Clause clause, Found found, Move move, Actor actor)
    {
        var isOwned = clause.Subject is not null || clause.OwnerOf(found) is not null || Listed(clause) is not null;
        // Who acts cannot be who suffers it: "choked me" after a clause of mine.
        var isInherited = !isOwned && (actor.Who is null || Sufferer(clause, found) == actor.Who || clause.Says("lost to"));
        if (isInherited)
            yield return Doubt.Who;
        // "Choked me", said of nobody in particular, is told of many a choke that ended in nothing.
        var isSaid = clause.Loose.Any(l => IsTap(l.Word) || Cues.Finish.Contains(l.Word.Stem));
        if (isInherited && move.Word == MoveWord.General && !isSaid)
            yield return Doubt.Outcome;
        if (found.ByEar)
            yield return Doubt.Name;
    }
}

using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>How a clause puts a move: what came of it, and how surely that is said.</summary>
/// <param name="Outcome">What came of it; null when it did not happen at all.</param>
/// <param name="Sure">It was said; otherwise it is the likelier of two.</param>
/// <param name="Open">What comes next may say otherwise.</param>
internal readonly record struct Attempt(Outcome? Outcome, bool Sure, bool Open)
{
    private static readonly string[] Tries =
    [
        "try",
        "tries",
        "tried",
        "trying",
        "attempt",
        "attempted",
        "attempting",
        "attempts",
        "went for",
        "goes for",
        "going for",
        "go for",
        "shoot",
        "shot",
        "shoots",
        "shooting",
        "attack",
        "attacks",
        "attacked",
        "attacking",
        "failed",
        "couldnt",
        "could not",
        "threw up",
        "throws up",
        "throw up",
        "working",
        "worked for",
        "jumped for",
        "jumps for",
        "reached for",
        "reaches for",
        "grabbed for",
        "starts",
        "missed",
        "stuffed",
        "dives for",
        "dove for",
        "jumped on",
        "jumps on",
        "took a shot",
        "shot at",
        "cant",
        "fishing",
        "chasing",
        "chased",
        "kept going",
    ];

    private static readonly string[] GoesTo = [" went to ", " goes to ", " go to "];
    private static readonly string[] Looks =
    [
        "looking for",
        "looking to",
        "looks for",
        "looked for",
        "hunting",
        "hunting for",
        "hinting",
        "fishing for",
        "setting up",
        "sets up",
        "set up",
    ];
    private static readonly string[] Negations =
    [
        "didnt",
        "did not",
        "never",
        "not",
        "no",
        "without",
        "dont",
        "do not",
        "couldnt",
        "could not",
        "cant",
        "wasnt",
        "wouldnt",
        "doesnt",
        "does not",
        "unable to",
        "failed to",
    ];
    private static readonly string[] Completes =
    [
        "finish",
        "get",
        "got",
        "land",
        "complete",
        "secure",
        "hit",
        "work",
        "make",
        "hold",
        "close",
        "sink",
        "lock",
        "keep",
        "quite",
        "able",
    ];
    private static readonly string[] Works =
    [
        "went",
        "goes",
        "going",
        "go",
        "had",
        "has",
        "have",
        "having",
        "switch",
        "switches",
        "switched",
        "threw",
        "throws",
        "chained",
        "transitioned",
        "jump",
        "jumped",
        "jumps",
        "moved",
        "start",
        "started",
    ];
    private static readonly string[] Gets =
    [
        "got",
        "get",
        "gets",
        "getting",
        "hit",
        "hits",
        "hitting",
        "land",
        "landed",
        "lands",
        "with",
        "in",
        "caught",
        "catch",
        "catches",
        "pulled off",
        "sunk",
        "sinks",
        "locked",
        "got me",
        "by",
        "was",
        "to",
        "for",
    ];
    private static readonly string[] FinalWords =
    [
        "finish",
        "finished",
        "finishes",
        "finishing",
        "tap",
        "tapped",
        "taps",
        "tapping",
        "submitted",
        "submit",
        "submits",
        "put me to sleep",
        "got the tap",
        "makes me tap",
        "made me tap",
        "made him tap",
        "got me with",
        "got him with",
        "got her with",
        "caught me with",
        "caught him with",
        "caught her with",
        "gets me with",
        "gets him with",
        "hit me with",
    ];
    private static readonly string[] GivesUp =
    [
        "gave up on",
        "gave up the",
        "abandon",
        "abandoned",
        "bailed",
        "bail on",
        "let go of",
        "give up on",
        "gave it up",
        "gives up on",
        "let it go",
        "gave up",
    ];
    private static readonly string[] Fails =
    [
        "didnt work",
        "did not work",
        "doesnt work",
        "nothing happened",
        "nothing moved",
        "no luck",
        "failed",
        "was not there",
        "wasnt there",
        "did nothing",
        "got stuffed",
        "was stuffed",
        "stuffed",
        "got blocked",
        "was blocked",
        "defended",
        "nothing",
        "too strong",
        "missed",
        "stopped",
    ];

    /// <summary>How the words around a move put it.</summary>
    /// <param name="before">The words before it that belong to it, with a blank on both ends.</param>
    /// <param name="after">The words after it that belong to it, with a blank on both ends.</param>
    /// <param name="name">The move's own words as written.</param>
    /// <param name="move">The move.</param>
    public static Attempt Of(string before, string after, string name, Move move)
    {
        if (
            Any(
                before,
                [
                    "threaten",
                    "threatened",
                    "threatens",
                    "threatening",
                    "fake",
                    "faked",
                    "fakes",
                    "baited",
                    "bait",
                    "baiting",
                    "feinted",
                    "feint",
                    "pretended",
                ]
            )
        )
            return new(Rolls.Outcome.Threatened, true, false);
        if (
            Any(before, ["almost", "nearly", "close to", "this close"])
            || Any(
                after,
                [
                    "almost",
                    "nearly",
                    "was tight",
                    "super tight",
                    "really tight",
                    "tight but",
                    "tight",
                    "really close",
                    "was close",
                    "so close",
                    "locked",
                    "locked up",
                    "locked in",
                    "deep but",
                ]
            )
        )
            return new(Rolls.Outcome.Near, true, false);
        if (Any(before, GivesUp) || Any(after, GivesUp))
            return new(Rolls.Outcome.Abandoned, true, false);
        if (Any(before, Negations))
        {
            // "could not finish the armbar" was an attempt; "did not pull guard" was none.
            if (Any(before, ["finish"]))
                return new(Rolls.Outcome.Near, true, false);
            return
                Any(before, ["couldnt", "could not", "cant", "unable to", "failed to"])
                || Any(before, Completes) && !Any(before, ["chance"])
                ? new(Rolls.Outcome.Stopped, true, false)
                : new(null, true, false);
        }
        if (Any(before, FinalWords) && move.IsSubmission)
            return new(Rolls.Outcome.Tap, true, false);
        if (
            Any(before, ["to get the", "to get my", "to get an", "to get a", "to take the"])
            && !Any(before, ["try to get", "trying to get", "tried to get", "tries to get"])
        )
            return new(move.IsSubmission ? Rolls.Outcome.Tap : Rolls.Outcome.Landed, false, true);
        if (Any(before, Looks))
            return new(Rolls.Outcome.Threatened, true, true);
        // "went to elevate him" was about to.
        if (GoesTo.Any(g => before.EndsWith(g, StringComparison.Ordinal)))
            return new(Rolls.Outcome.Stopped, true, true);
        if (Any(after, Fails))
            return new(Rolls.Outcome.Stopped, true, false);
        if (Any(before, Tries))
            return move.IsSubmission && Any(after, FinalWords)
                ? new(Rolls.Outcome.Tap, true, false)
                : new(Rolls.Outcome.Stopped, true, true);
        // "when I was passing" was under way.
        if (
            name.Split(' ')[0].EndsWith("ing", StringComparison.Ordinal)
            && move.Kind is MoveKind.Pass or MoveKind.Sweep or MoveKind.Takedown
            && (before.EndsWith(" was ", StringComparison.Ordinal) || before.EndsWith(" were ", StringComparison.Ordinal))
        )
            return new(Rolls.Outcome.Stopped, true, true);
        if (name is "shot" or "shoots" or "shoot" or "shooting")
            return new(Rolls.Outcome.Stopped, true, true);
        if (!move.IsSubmission)
            return new(Rolls.Outcome.Landed, true, true);
        if (Any(after, FinalWords))
            return new(Rolls.Outcome.Tap, true, false);
        if (name.Split(' ')[0].EndsWith("ed", StringComparison.Ordinal) || name.Contains("ed ", StringComparison.Ordinal))
            return new(Rolls.Outcome.Tap, true, true);
        // "he darces me", "triangles him": a submission with somebody for an object is done to them.
        if (
            name.EndsWith('s')
            && !name.EndsWith("ss", StringComparison.Ordinal)
            && after.Split(' ', StringSplitOptions.RemoveEmptyEntries).FirstOrDefault() is "me" or "him" or "her" or "them"
        )
            return new(Rolls.Outcome.Tap, true, true);
        if (Any(before, Gets))
            return new(Rolls.Outcome.Tap, false, true);
        if (Any(before, Works))
            return new(Rolls.Outcome.Stopped, false, true);
        return new(Rolls.Outcome.Tap, false, true);
    }

    /// <summary>Whether one of the phrases stands in the words.</summary>
    public static bool Any(string words, IEnumerable<string> phrases) =>
        phrases.Any(p => words.Contains($" {p} ", StringComparison.Ordinal));
}

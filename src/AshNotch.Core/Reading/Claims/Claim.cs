using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What a clause claims.</summary>
internal enum ClaimKind
{
    /// <summary>Somebody did a move.</summary>
    Move,

    /// <summary>The two are in a place, or come to it.</summary>
    Place,

    /// <summary>Somebody tapped.</summary>
    Tap,

    /// <summary>Nobody tapped, or this one did not.</summary>
    NoTap,

    /// <summary>What came of the attempt before.</summary>
    Reply,

    /// <summary>So many taps or moves are told one by one after it.</summary>
    Sum,

    /// <summary>The exchange ended.</summary>
    End,

    /// <summary>Somebody wanted to do a move.</summary>
    Wish,

    /// <summary>What was said before is taken back.</summary>
    Repair,

    /// <summary>What was said before does not count.</summary>
    Discount,

    /// <summary>All is told once more from its beginning.</summary>
    Anew,
}

/// <summary>How a place is meant.</summary>
internal enum Coming
{
    /// <summary>The two are there.</summary>
    Is,

    /// <summary>They come there.</summary>
    Reaches,

    /// <summary>Somebody wants to come there.</summary>
    Tries,

    /// <summary>Somebody leaves it.</summary>
    Leaves,
}

/// <summary>Something that may be so, and what it costs to believe it.</summary>
/// <typeparam name="T">What.</typeparam>
/// <param name="Is">What.</param>
/// <param name="Cost">The cost, in nats; 0 is what the words say.</param>
internal readonly record struct May<T>(T Is, double Cost);

/// <summary>A claim of one clause, with what it leaves open.</summary>
internal sealed record Claim(ClaimKind Kind, Span Span)
{
    /// <summary>Who acts, taps or replies; empty when nothing speaks for either.</summary>
    public IReadOnlyList<May<Who>> Whos { get; init; } = [];

    /// <summary>The clause itself says who.</summary>
    public bool IsWhoSaid { get; init; }

    /// <summary>The move.</summary>
    public Move? Move { get; init; }

    /// <summary>How it came out.</summary>
    public IReadOnlyList<May<Outcome>> Outcomes { get; init; } = [];

    /// <summary>What comes next may say otherwise.</summary>
    public bool IsOpen { get; init; }

    /// <summary>If it ended in a tap, the words say so.</summary>
    public bool IsTapSaid { get; init; }

    /// <summary>Of a submission: somebody had it or got it, and what came of it is left open.</summary>
    public bool IsGot { get; init; }

    /// <summary>The verb says that it came off: "got the pass".</summary>
    public bool IsDone { get; init; }

    /// <summary>Of a reply: it was finished, which is said of a submission where there is one.</summary>
    public bool IsFinish { get; init; }

    /// <summary>Of a reply: somebody did what they wanted, or were told to do.</summary>
    public bool IsOfWish { get; init; }

    /// <summary>Of a reply: somebody fell, and the other one is meant to have made them.</summary>
    public bool IsFall { get; init; }

    /// <summary>It came off, whatever is said next: "swept her".</summary>
    public bool IsFirm { get; init; }

    /// <summary>It says what the last one was: "it is an arm-in guillotine".</summary>
    public bool IsNaming { get; init; }

    /// <summary>Of a reply: a bare "no", which may deny what was said before it; and whether it surely does, as that was asked or named.</summary>
    public (bool Said, bool IsSure) Denial { get; init; }

    /// <summary>Of a reply: it speaks of the same thing done once more, "the second one was blocked".</summary>
    public bool IsNext { get; init; }

    /// <summary>Of a reply: it came out as the one before, "so was the second one".</summary>
    public bool IsLike { get; init; }

    /// <summary>Of a reply: the other one did in turn what was done to them, "he paid me back with the same".</summary>
    public bool IsReturn { get; init; }

    /// <summary>It is told as a deed of nobody named: "sat up".</summary>
    public bool IsDeed { get; init; }

    /// <summary>It was said to answer what the other one did.</summary>
    public bool IsCounter { get; init; }

    /// <summary>It was said to be tried.</summary>
    public bool IsTried { get; init; }

    /// <summary>It is told as what went on meanwhile: "when he turned in".</summary>
    public bool IsMeanwhile { get; init; }

    /// <summary>It is told in a sentence of its own.</summary>
    public bool IsSentence { get; init; }

    /// <summary>Where it starts, if said.</summary>
    public IReadOnlyList<May<Place>> From { get; init; } = [];

    /// <summary>Above or below the other, if said: "from underneath".</summary>
    public Role? Level { get; init; }

    /// <summary>Where it leads, or the place that is claimed.</summary>
    public IReadOnlyList<May<Place>> To { get; init; } = [];

    /// <summary>Where a move starts, if said, by who does it: "passed to side control" is the top of it for whoever passed.</summary>
    public Func<Who, IReadOnlyList<May<Place>>>? FromOf { get; init; }

    /// <summary>Where it leads, likewise.</summary>
    public Func<Who, IReadOnlyList<May<Place>>>? ToOf { get; init; }

    /// <summary>The names of places that go with a move, and what each may mean.</summary>
    public IReadOnlyList<(Found Name, IReadOnlyList<May<Place>> May)> Places { get; init; } = [];

    /// <summary>Of a place: how it is meant.</summary>
    public Coming Coming { get; init; }

    /// <summary>Who let it happen.</summary>
    public Who? Given { get; init; }

    /// <summary>The side.</summary>
    public BodySide? Side { get; init; }

    /// <summary>How often.</summary>
    public int Times { get; init; } = 1;

    /// <summary>It is an entry of a count, "upa 1, elbow escape 3": each time began where they began.</summary>
    public bool IsCounted { get; init; }

    /// <summary>Of a reply: what it says of the attempt.</summary>
    public Outcome Reply { get; init; }

    /// <summary>Of an end.</summary>
    public ExchangeEnd? End { get; init; }

    /// <summary>The telling opens with it, as the sum of all: "lost by armbar".</summary>
    public bool IsResult { get; init; }

    /// <summary>It is told a second time, in sum or in praise.</summary>
    public bool IsRecap { get; init; }

    /// <summary>A submission told in one list with the one before it: "with a toe hold and then one more toe hold".</summary>
    public bool IsListed { get; init; }

    /// <summary>It follows the claim before it in one breath.</summary>
    public bool IsJoined { get; init; }

    /// <summary>Of a place: they landed or ended up there.</summary>
    public bool IsLanding { get; init; }

    /// <summary>Of a place: it was said to be an escape.</summary>
    public bool IsEscape { get; init; }

    /// <summary>A verb of every day that may mean a move.</summary>
    public bool IsWeak { get; init; }

    /// <summary>What a tap was most likely to, by the part of the body that was told of; null when nothing says so.</summary>
    public MoveId? Hurt { get; init; }

    /// <summary>Only the name stands there.</summary>
    public bool IsBare { get; init; }

    /// <summary>It was said to be once more.</summary>
    public bool IsAgain { get; init; }

    /// <summary>Of a place: said by itself of where what was told before began.</summary>
    public bool IsOrigin { get; init; }

    /// <summary>A sentence opens with it.</summary>
    public bool IsSentenceOpener { get; init; }

    /// <summary>It was heard, not read as it is spelled.</summary>
    public bool IsByEar { get; init; }

    /// <summary>Why.</summary>
    public IReadOnlyList<Because> Why { get; init; } = [];

    /// <summary>The name it comes from.</summary>
    public Found? Found { get; init; }

    /// <summary>Seconds since the roll began, and seconds left.</summary>
    public (int? At, int? Remaining) Clock { get; init; }
}

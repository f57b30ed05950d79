using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Somebody did a move.</summary>
/// <param name="Span">The words.</param>
/// <param name="Move">The move.</param>
internal sealed record MoveClaim(Span Span, Move Move) : NamedClaim(Span)
{
    /// <summary>What comes next may say otherwise.</summary>
    public bool IsOpen { get; init; }

    /// <summary>If it ended in a tap, the words say so.</summary>
    public bool IsTapSaid { get; init; }

    /// <summary>Of a submission: somebody had it or got it, and what came of it is left open.</summary>
    public bool IsGot { get; init; }

    /// <summary>The verb says that it came off: "got the pass".</summary>
    public bool IsDone { get; init; }

    /// <summary>It came off, whatever is said next: "swept her".</summary>
    public bool IsFirm { get; init; }

    /// <summary>It says what the last one was: "it is an arm-in guillotine".</summary>
    public bool IsNaming { get; init; }

    /// <summary>It is told as a deed of nobody named: "sat up".</summary>
    public bool IsDeed { get; init; }

    /// <summary>It was said to answer what the other one did.</summary>
    public bool IsCounter { get; init; }

    /// <summary>It was said to be tried.</summary>
    public bool IsTried { get; init; }

    /// <summary>It is told as what went on meanwhile: "when he turned in".</summary>
    public bool IsMeanwhile { get; init; }

    /// <summary>Where it starts, if said.</summary>
    public IReadOnlyList<May<Place>> From { get; init; } = [];

    /// <summary>Above or below the other, if said: "from underneath".</summary>
    public Role? Level { get; init; }

    /// <summary>Where a move starts, if said, by who does it: "passed to side control" is the top of it for whoever passed.</summary>
    public Func<Who, IReadOnlyList<May<Place>>>? FromOf { get; init; }

    /// <summary>Where it leads, likewise.</summary>
    public Func<Who, IReadOnlyList<May<Place>>>? ToOf { get; init; }

    /// <summary>The names of places that go with a move, and what each may mean.</summary>
    public IReadOnlyList<(Found Name, IReadOnlyList<May<Place>> May)> Places { get; init; } = [];

    /// <summary>Who let it happen.</summary>
    public Who? Given { get; init; }

    /// <summary>How often.</summary>
    public int Times { get; init; } = 1;

    /// <summary>It is an entry of a count, "upa 1, elbow escape 3": each time began where they began.</summary>
    public bool IsCounted { get; init; }

    /// <summary>The telling opens with it, as the sum of all: "lost by armbar".</summary>
    public bool IsResult { get; init; }

    /// <summary>A submission told in one list with the one before it: "with a toe hold and then one more toe hold".</summary>
    public bool IsListed { get; init; }

    /// <summary>A verb of every day that may mean a move.</summary>
    public bool IsWeak { get; init; }

    /// <summary>Seconds since the roll began, and seconds left.</summary>
    public (int? At, int? Remaining) Clock { get; init; }
}

namespace AshNotch.Core.Reading.Rounds;

/// <summary>A part of a telling at whose head a roll may begin, with what speaks for it.</summary>
/// <param name="First">Index of its first word.</param>
/// <param name="After">Index of the word after it.</param>
internal sealed record Stretch(int First, int After)
{
    /// <summary>What stands at its head speaks for a beginning, whoever it is with, in nats.</summary>
    public double Head { get; init; }

    /// <summary>A roll that is told goes on here, against what stands at its head, in nats.</summary>
    public double Stay { get; init; }

    /// <summary>It tells of no roll, in nats.</summary>
    public double Aside { get; init; }

    /// <summary>Somebody is described in it who is not named.</summary>
    public bool IsDescribed { get; init; }

    /// <summary>They are said to be unknown to the writer: "a visitor I had never seen".</summary>
    public bool IsStranger { get; init; }

    /// <summary>Something happens in it.</summary>
    public bool Tells { get; init; }

    /// <summary>It says that somebody is there once more.</summary>
    public bool IsAgain { get; init; }

    /// <summary>It says at its head that it goes on with the one before: "same again", "we went again".</summary>
    public bool IsAsBefore { get; init; }

    /// <summary>Words or layout at its head say that something new begins.</summary>
    public bool IsOpening { get; init; }

    /// <summary>It counts: "the second", "third one".</summary>
    public bool IsGo { get; init; }

    /// <summary>With whom it announces several rolls: "then two rounds with Oak".</summary>
    public Person? Announces { get; init; }

    /// <summary>Who is named in it, and how.</summary>
    public IReadOnlyList<Part> Parts { get; init; } = [];
}

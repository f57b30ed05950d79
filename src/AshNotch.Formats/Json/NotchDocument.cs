using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A notch as written; <c>by</c> and <c>outcome</c> are required.</summary>
public sealed record NotchDocument
{
    /// <summary><c>me</c> or <c>partner</c>.</summary>
    [TermOf(typeof(Who))]
    public string? By { get; init; }

    /// <summary>The move.</summary>
    public string? Move { get; init; }

    /// <summary>The place before.</summary>
    public string? From { get; init; }

    /// <summary>The place after.</summary>
    public string? To { get; init; }

    /// <summary>How it came out.</summary>
    [TermOf(typeof(Outcome))]
    public string? Outcome { get; init; }

    /// <summary>On which side.</summary>
    [TermOf(typeof(BodySide))]
    public string? Side { get; init; }

    /// <summary>Time since the start, <c>m:ss</c>.</summary>
    public string? At { get; init; }

    /// <summary>Time left, <c>m:ss</c>.</summary>
    public string? Remaining { get; init; }

    /// <summary>Who let it happen.</summary>
    [TermOf(typeof(Who))]
    public string? Given { get; init; }

    /// <summary>Why it happened.</summary>
    public List<string>? Causes { get; init; }

    /// <summary>True when unsure.</summary>
    public bool? Unsure { get; init; }

    /// <summary>Names of inferred fields.</summary>
    public List<string>? Inferred { get; init; }

    /// <summary>A remark.</summary>
    public string? Note { get; init; }

    /// <summary>Advice on it.</summary>
    public List<AdviceDocument>? Advice { get; init; }

    /// <summary>First and one past the last character of the words it came from.</summary>
    public List<int>? Span { get; init; }
}

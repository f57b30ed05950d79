namespace AshNotch.Core.Reading.Clauses;

/// <summary>A row of the lexicon.</summary>
/// <param name="Act">What its words do.</param>
/// <param name="Move">Of what does a move: its id.</param>
/// <param name="Patterns">Its forms, as written.</param>
/// <param name="Example">A telling with one of them.</param>
/// <param name="Expect">What is read from that.</param>
internal sealed record LexiconRow(Act Act, string? Move, IReadOnlyList<string> Patterns, string Example, string Expect)
{
    /// <summary>It says what bodies do, and whose.</summary>
    public bool IsBodily { get; } = Patterns.Any(p => p.Contains('@', StringComparison.Ordinal));

    /// <summary>Every form that it stands for.</summary>
    public IEnumerable<string> Forms => Patterns.SelectMany(FormPattern.Forms);
}

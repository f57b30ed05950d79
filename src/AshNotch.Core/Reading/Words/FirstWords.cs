namespace AshNotch.Core.Reading.Words;

/// <summary>Rows by the word that they begin with, in the order of their file: a text is not held against each of hundreds.</summary>
/// <typeparam name="T">A row.</typeparam>
internal sealed class FirstWords<T>
{
    private readonly Dictionary<string, IReadOnlyList<T>> byWord;
    private readonly IReadOnlyList<T> open;

    /// <summary>Sorts rows.</summary>
    /// <param name="rows">The rows.</param>
    /// <param name="begin">The words that a row may begin with; null where it may begin with any.</param>
    public FirstWords(IReadOnlyList<T> rows, Func<T, IEnumerable<string>?> begin)
    {
        var beginnings = rows.Select(row => (Row: row, Words: begin(row)?.ToHashSet())).ToList();
        open = [.. beginnings.Where(b => b.Words is null).Select(b => b.Row)];
        byWord = beginnings
            .SelectMany(b => b.Words ?? [])
            .Distinct()
            .ToDictionary(
                word => word,
                word => (IReadOnlyList<T>)[.. beginnings.Where(b => b.Words is null || b.Words.Contains(word)).Select(b => b.Row)]
            );
    }

    /// <summary>The rows that may begin with a word.</summary>
    public IReadOnlyList<T> At(string word) => byWord.GetValueOrDefault(word, open);
}

using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>What a clause blames what happened on. The wordings stand in <c>causes.txt</c>.</summary>
internal static class Blame
{
    private static readonly IReadOnlyList<(string[] Said, string Cause)> Wordings = [.. Read()];

    /// <summary>The cause, and the words that say it; null when it blames nothing.</summary>
    public static (string Cause, int First, int Count)? In(Clause clause, IReadOnlyList<Word> words)
    {
        foreach (var (said, cause) in Wordings)
            for (var i = clause.First; i + said.Length <= clause.After; i++)
                if (Phrase.Stands(said, words, i))
                    return (cause, i, said.Length);
        return null;
    }

    private static IEnumerable<(string[], string)> Read()
    {
        foreach (var line in ShippedFile.Rows("causes.txt"))
        {
            var parts = line.Split(" => ");
            var cause = parts[1] switch
            {
                "@surroundings" => Rolls.Causes.Surroundings,
                "@clock" => Rolls.Causes.Clock,
                var named => named,
            };
            yield return (parts[0].Split(' '), cause);
        }
    }
}

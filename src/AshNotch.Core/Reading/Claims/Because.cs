using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>A reason for a reading.</summary>
/// <param name="Words">The words that speak for it; null where nothing was said.</param>
/// <param name="Says">What they say.</param>
internal sealed record Because(Span? Words, string Says)
{
    private static readonly Dictionary<Act, string> ByAct = Read();

    /// <summary>What the verbs of a clause say.</summary>
    public static IEnumerable<Because> Of(IEnumerable<VerbUse> verbs, IReadOnlyList<Word> words) =>
        from verb in verbs
        from act in verb.Item.Does.Take(1)
        where ByAct.ContainsKey(act)
        select new Because(new Span(words[verb.Item.First].Start, words[verb.Item.After - 1].End), Denied(verb) + ByAct[act]);

    private static string Denied(VerbUse verb) => verb.Unable || verb.Not ? "is denied, and otherwise " : "";

    private static Dictionary<Act, string> Read()
    {
        var says = new Dictionary<Act, string>();
        foreach (var line in ShippedFile.Rows("why.txt"))
        {
            var parts = line.Split(": ");
            says[Enum.Parse<Act>(parts[0].Replace("-", "", StringComparison.Ordinal), ignoreCase: true)] = parts[1];
        }
        return says;
    }
}

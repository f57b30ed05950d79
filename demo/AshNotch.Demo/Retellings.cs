using System.Globalization;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>
/// Reads the hand-written weeks: a line <c># day kind attire</c> opens a session, <c>@ partner minutes intensity</c> a roll.
/// </summary>
internal static class Retellings
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    public static IEnumerable<Session> Read(string text, IReadOnlyList<Partner> partners)
    {
        foreach (var block in text.ReplaceLineEndings("\n").Split("\n# ", StringSplitOptions.RemoveEmptyEntries))
        {
            var rolls = block.TrimStart('#', ' ').Split("\n@ ");
            var head = rolls[0].Trim().Split(' ');
            var date = DateOnly.ParseExact(head[0], "yyyy-MM-dd", CultureInfo.InvariantCulture);
            var id = $"s{date:MMdd}";
            yield return new Session
            {
                Id = id,
                Date = date,
                Kind = Said<SessionKind>(head[1]),
                Attire = Said<Attire>(head[2]),
                Rolls = [.. rolls.Skip(1).Select((r, i) => Roll($"{id}-{i + 1}", r, partners))],
            };
        }
    }

    private static Roll Roll(string id, string block, IReadOnlyList<Partner> partners)
    {
        var line = block.IndexOf('\n', StringComparison.Ordinal);
        var head = block[..line].Split(' ');
        var partner = partners.Single(p => p.Id == head[0]);
        var text = block[(line + 1)..].Trim();
        var read = RollReader.Read(text, Book, partner.Name);
        return new Roll
        {
            Id = id,
            Partner = partner.Id,
            PartnerThen = partner.Today,
            Kind = RollKind.Free,
            Minutes = double.Parse(head[1], CultureInfo.InvariantCulture),
            Intensity = Said<Intensity>(head[2]),
            Retelling = text,
            Exchanges = [.. read.Exchanges.Select(e => e.Exchange)],
            Takeaways = read.Takeaways,
        };
    }

    private static T Said<T>(string word)
        where T : struct, Enum => Term.TryRead<T>(word, out var term) ? term : throw new FormatException($"retellings: '{word}'");
}

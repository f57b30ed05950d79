using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>A row of <c>head.txt</c>: what is said of the whole roll by certain words.</summary>
/// <param name="Of">Of what.</param>
/// <param name="Value">What.</param>
/// <param name="Forms">The wordings.</param>
/// <param name="Example">A telling with one of them.</param>
/// <param name="Expect">What is read from it.</param>
internal sealed record Wording(HeadField Of, string Value, IReadOnlyList<string[]> Forms, string Example, string Expect)
{
    /// <summary>All rows.</summary>
    public static IReadOnlyList<Wording> All { get; } = [.. Read()];

    private static readonly FirstWords<(Wording Row, string[] Form)> ByFirst = new(
        [.. All.SelectMany(row => row.Forms.Select(form => (row, form)))],
        said => [said.Form[0]]
    );

    /// <summary>The wordings that may stand from a word on.</summary>
    public static IReadOnlyList<(Wording Row, string[] Form)> From(string word) => ByFirst.At(word);

    private static IEnumerable<Wording> Read()
    {
        string[] head = [];
        foreach (var line in ShippedFile.Rows("head.txt"))
        {
            if (line[0] == '[')
            {
                head = line.Trim('[', ']').Split(' ');
                continue;
            }
            var parts = line.Split(" => ");
            var shown = parts[1].Split(" | ");
            yield return new Wording(Field(head[0]), head[1], [.. parts[0].Split(", ").Select(f => f.Split(' '))], shown[0], shown[1]);
        }
    }

    private static HeadField Field(string name) =>
        name switch
        {
            "size" => HeadField.PartnerSize,
            _ => Enum.Parse<HeadField>(name.Replace("-", "", StringComparison.Ordinal), ignoreCase: true),
        };
}

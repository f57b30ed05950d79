using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>The file of the book, <c>book.json</c>, as it ships inside this assembly; what its fields mean stands in it.</summary>
internal sealed partial record BookFile(
    string Caveat,
    double Weight,
    IReadOnlyList<BookFile.Begin> Starts,
    BookFile.RollLength Length,
    IReadOnlyDictionary<string, double> Finishes,
    double OwnTerms,
    IReadOnlyList<BookFile.Leaving> Positions
)
{
    private const string Other = "other";

    /// <summary>The file that ships.</summary>
    public static BookFile Shipped { get; } = ShippedFile.Read("book.json", BookJson.Default.BookFile);

    /// <summary>What a submission from a family counts for beside other moves.</summary>
    public double FinishesFrom(Family family) => Finishes.TryGetValue(Term.Of(family), out var share) ? share : Finishes[Other];

    internal sealed record Begin(string Place, double Weight);

    internal sealed record RollLength(double Steps, double Rolls);

    internal sealed record Leaving(string Position, IReadOnlyList<double> Lands);

    [JsonSourceGenerationOptions(JsonSerializerDefaults.Web)]
    [JsonSerializable(typeof(BookFile))]
    private sealed partial class BookJson : JsonSerializerContext;
}

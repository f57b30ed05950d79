using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The vocabulary, and reading while somebody writes.</summary>
internal static class ReadingEndpoints
{
    public static IEndpointRouteBuilder MapVocabulary(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/vocabulary", () => VocabularyView.BuiltIn).WithName("vocabulary");
        return routes;
    }

    public static IEndpointRouteBuilder MapReading(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/read", (ToRead toRead, LogCache cache) =>
        {
            var check = new Checker();
            var text = check.Text(toRead.Text, "text") ?? "";
            var corrections = Corrections(toRead.Corrections, check);
            check.ThrowIfFaulty();
            return ReadingView.Of(text, RetellingReader.Read(text, NameOf(toRead.Partner, cache.Log), cache.Log.OwnNames), corrections);
        }).WithName("read").ProducesValidationProblem();
        return routes;
    }

    /// <summary>The nickname of a partner, for the reader to know.</summary>
    public static string? NameOf(string? partner, Log log) => log.Partners.FirstOrDefault(p => p.Id == partner)?.Name;

    /// <summary>Corrections as the reader takes them.</summary>
    public static IReadOnlyList<Correction> Corrections(IReadOnlyList<CorrectionView>? written, Checker check) =>
    [
        .. (written ?? []).Select((c, i) => new Correction(
            check.Text(c.Words, $"corrections[{i}].words") ?? "", c.Occurrence, c.Notch is null ? null : RollReading.Read(c.Notch, check, $"corrections[{i}].notch"))),
    ];
}

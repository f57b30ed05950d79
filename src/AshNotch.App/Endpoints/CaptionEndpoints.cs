using System.Globalization;
using System.Text;
using AshNotch.App.Views;
using AshNotch.Formats.Captions;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Captions of a film or a dictation: in as a telling with times, out as WebVTT or SubRip.</summary>
internal static class CaptionEndpoints
{
    public static IEndpointRouteBuilder MapCaptions(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/captions",
                (CaptionsToRead captions) =>
                {
                    var check = new Checker();
                    // A cue takes many times the characters of its words.
                    if (captions.Text is { Length: > 0 } given && !CaptionReader.IsCaptions(given))
                        check.Fault("text", "is neither WebVTT nor SubRip; plain words go into the writing line as they are.");
                    check.ThrowIfFaulty();
                    var text = check.Text(captions.Text, "text", longest: 10 * Core.Rolls.Limits.LongestText) ?? "";
                    check.ThrowIfFaulty();
                    var told = CaptionReader.Read(text);
                    return TypedResults.Ok(new CaptionedText(told.Stamped, [.. told.Faults.Select(f => f.ToString())]));
                }
            )
            .WithName("readCaptions")
            .ProducesValidationProblem();
        routes
            .MapGet(
                "/api/rolls/{id}/captions",
                Results<FileContentHttpResult, ProblemHttpResult> (string id, string? form, HttpRequest request, LogCache cache) =>
                {
                    if (cache.Log.Roll(id) is not { } found)
                        return RollEndpoints.NoRoll();
                    var said = HiddenNames.Out(request, cache);
                    IReadOnlyList<Cue> cues =
                    [
                        .. (
                            form == "chapters"
                                ? CaptionWriter.Chapters(found.Roll, cache.Vocabulary)
                                : CaptionWriter.Cues(found.Roll, cache.Vocabulary)
                        ).Select(c => c with { Text = said(c.Text) }),
                    ];
                    var (text, type, ending) = form switch
                    {
                        "srt" => (CaptionWriter.Srt(cues), "application/x-subrip", "srt"),
                        "chapters" => (CaptionWriter.Vtt(cues), "text/vtt", "chapters.vtt"),
                        _ => (CaptionWriter.Vtt(cues), "text/vtt", "vtt"),
                    };
                    var day = found.Session.Date is { } date ? date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) : "roll";
                    return TypedResults.File(Encoding.UTF8.GetBytes(text), type + "; charset=utf-8", $"{day}.{ending}");
                }
            )
            .ExcludeFromDescription();
        return routes;
    }
}

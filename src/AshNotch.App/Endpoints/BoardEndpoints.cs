using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The tap board: where the roll stands, and what usually comes next there as keys that write their line.</summary>
internal static class BoardEndpoints
{
    public static IEndpointRouteBuilder MapBoard(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/board", (ToRead toRead, LogCache cache) =>
        {
            var check = new Checker();
            var text = check.Text(toRead.Text, "text") ?? "";
            var corrections = ReadingEndpoints.Corrections(toRead.Corrections, check);
            check.ThrowIfFaulty();
            var read = Corrections.Apply(RetellingReader.Read(text, ReadingEndpoints.NameOf(toRead.Partner, cache.Log), cache.Log.OwnNames), text, corrections);
            return Board.At(LikelyNext.Now([.. read.Exchanges.Select(e => e.Exchange)]), cache.Log, fresh: read.Exchanges.Count == 0 || read.Exchanges[^1].Exchange.End is not null);
        }).WithName("board").ProducesValidationProblem();
        routes.MapGet("/api/board/find", (string q) => Board.Find(q)).WithName("findOnBoard");
        return routes;
    }
}

using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>What is done between saves: the file made whole when nobody writes, a copy each night.</summary>
/// <param name="store">The log.</param>
/// <param name="clock">The time.</param>
/// <param name="log">Where trouble is told: a night without a copy stops nobody from logging.</param>
internal sealed partial class Upkeep(LogStore store, TimeProvider clock, ILogger<Upkeep> log) : BackgroundService
{
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(5);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Pause, clock);
        // The end of the program is no fault of it.
        while (!stoppingToken.IsCancellationRequested && await Tick(timer, stoppingToken))
        {
            try
            {
                store.Upkeep(Pause, clock.GetLocalNow());
            }
            catch (Exception e) when (e is StorageException or IOException or UnauthorizedAccessException)
            {
                NotDone(log, e.Message);
            }
        }
    }

    private static async Task<bool> Tick(PeriodicTimer timer, CancellationToken stop)
    {
        try
        {
            return await timer.WaitForNextTickAsync(stop);
        }
        catch (OperationCanceledException)
        {
            return false;
        }
    }

    [LoggerMessage(LogLevel.Warning, "No copy was made: {Why}")]
    private static partial void NotDone(ILogger log, string why);
}

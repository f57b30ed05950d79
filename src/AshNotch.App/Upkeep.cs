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
#pragma warning disable CA1031 // Whatever it is, it must not end the program: who logs a roll goes on.
            catch (Exception e)
#pragma warning restore CA1031
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

    [LoggerMessage(LogLevel.Warning, "Not everything was done between saves: {Why}")]
    private static partial void NotDone(ILogger log, string why);
}

namespace AshNotch.Core.Rolls;

/// <summary>Why things happen: the causes offered. Common practice; users add their own.</summary>
public static class Causes
{
    /// <summary>A cause that lies with the wall or a collision: shown, but it teaches the model nothing.</summary>
    public const string Surroundings = "surroundings";

    /// <summary>A cause that lies with the clock: shown, but it teaches the model nothing.</summary>
    public const string Clock = "clock";

    /// <summary>A grip that was lost or never got.</summary>
    public const string GripLost = "grip lost";

    /// <summary>The causes to offer, in their usual order.</summary>
    public static IReadOnlyList<string> Offered { get; } =
    [
        GripLost,
        "posture broken",
        "elbow away from the body",
        "reached",
        "weight on the wrong side",
        "too far away",
        "too close, no frames",
        "late",
        "telegraphed",
        "let go too late",
        "rushed",
        "tunnel vision",
        "no plan from here",
        "did not know the move",
        "strength or size",
        "tired",
        Surroundings,
        Clock,
    ];
}

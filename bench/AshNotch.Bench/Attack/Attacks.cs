namespace AshNotch.Bench.Attack;

/// <summary>Attacks on a running program: on 127.0.0.1 only, in data directories of its own, for some minutes.</summary>
internal static class Attacks
{
    private const int KillRounds = 100;
    private const int KilledProcesses = 900;
    private const int RestoresWhileSaving = 100;
    private const int TimesInTabs = 5;

    /// <summary>Runs one of them, or all; 1 when anything did not hold.</summary>
    public static async Task<int> Run(string which)
    {
        var held = true;
        if (which is "all" or "fuzz")
            held &= await Fuzz.Run();
        if (which is "all" or "damaged")
            held &= await Damaged.Run();
        if (which is "all" or "kills")
            held &= await Kills.Run(KillRounds) == 0;
        if (which is "all" or "killed")
            held &= await Killed.Run(KilledProcesses);
        if (which is "all" or "restores")
            held &= await Restores.Run(RestoresWhileSaving);
        if (which is "all" or "races")
            held &= await Races.Run();
        if (which is "all" or "clocks")
            held &= Clocks.Run();
        if (which is "all" or "names")
            held &= await Names.Run();
        if (which is "all" or "tabs")
            held &= await Tabs.Run(TimesInTabs);
        if (which is "all" or "reading")
            held &= Hostile.Run();
        if (which is "all" or "load")
            held &= await Load.Run();
        return held ? 0 : 1;
    }
}

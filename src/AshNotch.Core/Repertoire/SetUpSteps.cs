using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What followed one set-up, by place and ease of the partner.</summary>
internal sealed class SetUpSteps
{
    public int Tries { get; set; }

    public int Landed { get; set; }

    public double ShareLanded => (double)Landed / Math.Max(1, Tries);

    public Dictionary<Stratum, int> Steps { get; } = [];

    // Those in which the set-up itself was tried, of all steps and of these.
    public Dictionary<Stratum, int> Own { get; } = [];

    public Dictionary<Stratum, int> Again { get; } = [];

    // Those of them that began where the set-up did.
    public Dictionary<Stratum, int> Near { get; } = [];

    public Dictionary<(MoveId, Stratum), int> Came { get; } = [];

    public Dictionary<MoveId, int> Once { get; } = [];

    public Dictionary<MoveId, List<string>> Rolls { get; } = [];

    public void Count(Stratum stratum, MoveId? came, bool isNear, bool isAgain)
    {
        if (isAgain)
            Again[stratum] = Again.GetValueOrDefault(stratum) + 1;
        if (isNear)
            Near[stratum] = Near.GetValueOrDefault(stratum) + 1;
        Steps[stratum] = Steps.GetValueOrDefault(stratum) + 1;
        if (came is { } move)
            Came[(move, stratum)] = Came.GetValueOrDefault((move, stratum)) + 1;
    }
}

using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Skill;

/// <summary>What a log taught: its walk, and the model learned from it. Made once, asked many times.</summary>
/// <param name="Log">The log.</param>
/// <param name="Walk">Its steps.</param>
/// <param name="Model">What they say.</param>
/// <param name="Vocabulary">The vocabulary.</param>
public sealed record Experience(Log Log, Walk Walk, SkillModel Model, MatVocabulary Vocabulary)
{
    /// <summary>Learns from a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    /// <param name="asOf">The day recency counts back from; the newest session when null.</param>
    /// <param name="before">What an earlier state of the same log taught; it only saves time.</param>
    public static Experience Of(Log log, MatVocabulary vocabulary, DateOnly? asOf = null, Experience? before = null)
    {
        var walk = Walk.Of(log, vocabulary, asOf, before: before?.Walk);
        return new Experience(log, walk, SkillModel.Of(walk, log.Practitioner, vocabulary), vocabulary);
    }

    /// <summary>Learns from a log with every week counting alike: what average weeks are like.</summary>
    public static Experience OfAllWeeks(Log log, MatVocabulary vocabulary, Experience? before = null)
    {
        var walk = Walk.Of(log, vocabulary, halfLifeWeeks: double.PositiveInfinity, before: before?.Walk);
        return new Experience(log, walk, SkillModel.Of(walk, log.Practitioner, vocabulary), vocabulary);
    }

    /// <summary>Learns from what was before a day alone; what came after it is walked, to be held against what was to be expected.</summary>
    public static Experience OfBefore(DateOnly day, Log log, MatVocabulary vocabulary)
    {
        var walk = Walk.Of(log, vocabulary, halfLifeWeeks: double.PositiveInfinity, heldBack: day);
        return new Experience(log, walk, SkillModel.Of(walk, log.Practitioner, vocabulary), vocabulary);
    }
}

using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What one move of one side really does, over all live rolls.</summary>
/// <param name="Move">The move.</param>
/// <param name="By">Whose.</param>
/// <param name="All">Tries, and those that came off; a tap came off.</param>
/// <param name="Taps">Those that ended in a tap.</param>
/// <param name="Near">Those that nearly came off.</param>
/// <param name="Stopped">Those that were stopped or given up.</param>
/// <param name="Given">How often it was let happen; no tries.</param>
/// <param name="Threatened">How often it was only threatened; no tries.</param>
/// <param name="From">From where, the most frequent first.</param>
/// <param name="Sides">By side, where one was said.</param>
/// <param name="Partners">With whom, the most frequent first; somebody unknown has no entry.</param>
/// <param name="Lately">In the last eight weeks of the log.</param>
/// <param name="Before">Before them.</param>
/// <param name="Worth">What a try is worth on average, in the unit of the goal, to me; null where no place is known.</param>
/// <param name="GripsLost">Failures put down to a grip that was lost or not got.</param>
/// <param name="FirstTried">The day it was first tried; null where no day is told.</param>
/// <param name="FirstLanded">The day it first came off.</param>
/// <param name="Exposes">What a miss exposes; null under a handful of misses.</param>
/// <param name="Opens">What it opens.</param>
/// <param name="Habits">What it is done after, again and again.</param>
/// <param name="Rolls">The rolls, oldest first.</param>
public sealed record MoveSheet(
    MoveId Move,
    Who By,
    Came All,
    int Taps,
    int Near,
    int Stopped,
    int Given,
    int Threatened,
    IReadOnlyList<CameWhere> From,
    IReadOnlyList<CameWhere> Sides,
    IReadOnlyList<CameWhere> Partners,
    Came Lately,
    Came Before,
    Worth? Worth,
    int GripsLost,
    DateOnly? FirstTried,
    DateOnly? FirstLanded,
    Exposure? Exposes,
    IReadOnlyList<Opening> Opens,
    IReadOnlyList<Habit> Habits,
    IReadOnlyList<string> Rolls
);

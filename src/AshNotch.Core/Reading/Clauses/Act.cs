namespace AshNotch.Core.Reading.Clauses;

/// <summary>What a verb or a phrase of a telling does; each has its section in <c>lexicon.txt</c>, with examples.</summary>
internal enum Act
{
    Nothing,
    Tries,
    Threatens,
    Gets,
    Finishes,
    Taps,
    Stops,
    Escapes,
    Fails,
    Works,
    Nears,
    GivesUp,
    Yields,
    Allows,
    Reaches,
    Falls,
    Does,
    Restarts,
    Times,
    Repairs,
    Recaps,
    Thoughts,
    Habits,
    OtherDays,
    Others,
    ClassWork,
    Advice,
    Takeaways,
}

namespace AshNotch.Formats.Captions;

/// <summary>Some words with the time they were said at.</summary>
/// <param name="Start">Seconds from the beginning.</param>
/// <param name="End">Seconds from the beginning, not before the start.</param>
/// <param name="Text">The words, lines joined by blanks.</param>
public sealed record Cue(double Start, double End, string Text);

/// <summary>A captioned telling as one text, with the time each part of it was said at.</summary>
/// <param name="Text">The words of all cues, joined by blanks: captions break anywhere.</param>
/// <param name="Times">Where in the text each cue starts, and its seconds, in order.</param>
/// <param name="Faults">What could not be read, with its line; nothing else was left out.</param>
public sealed record CaptionedTelling(string Text, IReadOnlyList<(int Offset, int Seconds)> Times, IReadOnlyList<Fault> Faults)
{
    /// <summary>Seconds at which the words at an offset were said; null before the first cue.</summary>
    public int? At(int offset)
    {
        int? seconds = null;
        foreach (var time in Times)
        {
            if (time.Offset > offset) break;
            seconds = time.Seconds;
        }
        return seconds;
    }
}

using System.Text;
using AshNotch.Core.Reading;

namespace AshNotch.Formats.Captions;

/// <summary>Some words with the time they were said at.</summary>
/// <param name="Start">Seconds from the beginning.</param>
/// <param name="End">Seconds from the beginning, not before the start.</param>
/// <param name="Text">The words, lines joined by blanks.</param>
public sealed record Cue(double Start, double End, string Text);

/// <summary>A captioned telling as one text, with the time each part of it was said at.</summary>
/// <param name="Text">The words of all cues, joined by blanks: captions break anywhere.</param>
/// <param name="Said">Where in the text each cue starts, and its seconds.</param>
/// <param name="Faults">What could not be read, with its line; nothing else was left out.</param>
public sealed record CaptionedTelling(string Text, SaidAt Said, IReadOnlyList<Fault> Faults)
{
    /// <summary>The telling with its times written into it, as the writing line takes it.</summary>
    public string Stamped
    {
        get
        {
            var text = new StringBuilder(Text);
            foreach (var (offset, seconds) in Said.Times.Reverse().Where(t => t.Offset < Text.Length))
                text.Insert(offset, SaidAt.Write(seconds) + " ");
            return text.ToString();
        }
    }
}

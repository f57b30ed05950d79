using System.Text;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Captions;

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
                text.Insert(offset, SaidAt.Write(new RollTime(seconds)) + " ");
            return text.ToString();
        }
    }
}

using System.Text;
using System.Text.Json;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Captions;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary>
/// <c>read FILE [--partner NAME] [--partners A,B,...] [--why]</c>: a retelling, plain or captioned (SubRip, WebVTT), as mentions, exchanges and what was not understood.
/// Offsets count in the words of the captions joined by blanks.
/// </summary>
internal static class ReadVerb
{
    public static int Run(string file, string? partner, IReadOnlyList<string> partners, bool why, MatVocabulary vocabulary, Output output)
    {
        using var reader = new StreamReader(output.Open(file), Encoding.UTF8);
        var check = new Checker();
        var text = check.Text(reader.ReadToEnd(), file == "-" ? "standard input" : file) ?? "";
        check.ThrowIfFaulty();
        var captions = CaptionReader.IsCaptions(text) ? CaptionReader.Read(text) : null;
        foreach (var fault in captions?.Faults ?? [])
            output.Say($"{fault.Where}: {fault.What}");
        var rolls = ClassReader.Read(
            captions?.Text ?? text,
            Phrasebook.Of(vocabulary),
            [.. partners.Concat(partner is null ? [] : [partner]).Distinct().Select(p => new Partner { Id = p, Name = p })],
            TellingAside.Nothing with
            {
                Partner = partner,
            }
        );
        var read = RollRead.Join(rolls);
        if (captions is not null)
            read = captions.Said.Give(read);
        return output.Json(
            new
            {
                Mentions = read.Mentions.Select(m => new
                {
                    m.Start,
                    m.End,
                    m.Text,
                    m.Id,
                    m.Kind,
                }),
                Exchanges = read.Exchanges.Select(e =>
                {
                    var written = LogWriter.Document(e.Exchange);
                    return new
                    {
                        e.Start,
                        e.End,
                        StartPlace = written.Start,
                        EndedBy = written.End,
                        Why = why ? e.Why : null,
                        Notches = written.Notches!.Select(n => JsonSerializer.SerializeToNode(n, LogJson.Default.NotchDocument)),
                    };
                }),
                read.Unread,
                Rolls = rolls.Select(r => new
                {
                    r.Start,
                    r.End,
                    With = r.With?.Name,
                    Belt = r.With?.Belt,
                    Size = r.With?.Size,
                    r.Taps,
                }),
                Takeaways = read.Takeaways.Select(t => t.Text),
                Questions = read.Questions.Select(q => new
                {
                    q.Exchange,
                    q.Notch,
                    q.Ask,
                    Answers = q.Answers.Select(a => a.Say),
                }),
            }
        );
    }
}

using System.Globalization;

namespace AshNotch.Bench;

/// <summary>Prints how many of the generated tellings are read as they must be, by capability.</summary>
internal static class BehaviourTable
{
    private const int Shown = 4;

    public static void Run(string file, bool show)
    {
        var behaviours = new Behaviours(file);
        var altered = new Dictionary<string, (int Passed, int Count)>();
        Console.WriteLine("behaviour                                        tellings   passed");
        foreach (var capability in behaviours.Rows.GroupBy(r => r.Capability))
        {
            var (passed, count) = (0, 0);
            foreach (var row in capability)
            {
                var read = behaviours.Of(row).Select(t => (t.Text, t.Expect, Read: Behaviours.Read(t.Text))).ToList();
                var wrong = read.Where(t => !t.Expect.Contains(t.Read)).Select(t => $"{t.Text}  =>  {t.Read}").ToList();
                passed += read.Count - wrong.Count;
                count += read.Count;
                foreach (var (name, text, expect) in behaviours.Altered(row))
                {
                    var (right, all) = altered.GetValueOrDefault(name);
                    var isRight = expect.Contains(Behaviours.Read(text));
                    altered[name] = (right + (isRight ? 1 : 0), all + 1);
                    if (!isRight)
                        wrong.Add($"{text}  =>  {Behaviours.Read(text)}");
                }
                if (show && wrong.Count > 0)
                    Show(row.Template, wrong);
            }
            Print(capability.Key, passed, count);
        }
        foreach (var (name, (passed, count)) in altered)
            Print(name, passed, count);
    }

    private static void Show(string template, List<string> wrong)
    {
        Console.WriteLine($"  {wrong.Count} wrong: {template}");
        foreach (var line in wrong.Where((_, i) => i % Math.Max(1, wrong.Count / Shown) == 0).Take(Shown))
            Console.WriteLine($"      {line}");
    }

    private static void Print(string name, int passed, int count) =>
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{name, -48} {count, 8}   {(double)passed / count:0.000}"));
}

using AshNotch.Bench;
using AshNotch.Bench.Attack;
using AshNotch.Bench.Simulation;
using AshNotch.Bench.Speed;

// Usage: AshNotch.Bench [reading [show | behaviours | hands FILE... | left-out FILE... | learn-hands FILE...] | learn | classes [FILE [show | ID]] | speed | attack [kills | killed | restores | races | clocks | names | tabs | damaged | fuzz | reading | load] | simulation [PRACTITIONERS] | closed-loop [PRACTITIONERS] | review [PRACTITIONERS] | pairs [PRACTITIONERS] | learned [PRACTITIONERS] | who-comes [GYMS]].
// Without a name, all of them.
// One that is killed by the attack of that name.
if (args is ["killed", var directory, var kind, var seed])
    return Killed.Child(directory, kind, int.Parse(seed, System.Globalization.CultureInfo.InvariantCulture));
var name = args.Length > 0 ? args[0] : "all";
if (
    name
    is not (
        "all"
        or "reading"
        or "learn"
        or "classes"
        or "speed"
        or "attack"
        or "simulation"
        or "closed-loop"
        or "review"
        or "pairs"
        or "learned"
        or "who-comes"
    )
)
{
    Console.Error.WriteLine(
        $"There is no benchmark '{name}'; there are reading, learn, classes, speed, attack, simulation, closed-loop, review, pairs, learned and who-comes."
    );
    return 2;
}
if (name is "all" or "reading")
    Reading.Run(args[Math.Min(1, args.Length)..]);
if (name == "learn")
    Reading.Run(["learn"]);
if (name is "all" or "classes")
    foreach (var file in args.Length > 1 ? [args[1]] : Classes.Files)
        Classes.Run(file, args.Length > 2 ? args[2] : null);
if (name is "all" or "simulation")
    Simulation.Run(args.Length > 1 && int.TryParse(args[1], out var count) ? count : 50);
if (name is "all" or "closed-loop")
    ClosedLoop.Run(args.Length > 1 && int.TryParse(args[1], out var drilling) ? drilling : 50);
if (name is "all" or "review")
    Reviews.Run(args.Length > 1 && int.TryParse(args[1], out var reviewed) ? reviewed : 100);
if (name is "all" or "pairs")
    Pairs.Run(args.Length > 1 && int.TryParse(args[1], out var feinting) ? feinting : 50);
if (name is "all" or "learned")
{
    LearnedMoves.Run(args.Length > 1 && int.TryParse(args[1], out var learning) ? learning : 50);
}
if (name is "all" or "who-comes")
    WhoComes.Run(args.Length > 1 && int.TryParse(args[1], out var gyms) ? gyms : 20);
if (name is "all" or "speed")
    Speeds.Run();
return name is "all" or "attack" ? await Attacks.Run(args.Length > 1 ? args[1] : "all") : 0;

using System.Reflection;
using AshNotch.App;
using AshNotch.App.Verbs;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;

// The build asks this assembly for its OpenAPI document and brings its own entry assembly.
if (Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider")
{
    var directory = Directory.CreateTempSubdirectory("ash-notch-openapi-");
    using var store = LogStore.Open(directory.FullName);
    await WebHost.Build(new ServeOptions(directory.FullName, 0), store, MatVocabulary.BuiltIn).RunAsync();
    directory.Delete(recursive: true);
    return 0;
}

using var results = Console.OpenStandardOutput();
using var input = Console.OpenStandardInput();
return await CommandLine.Run(args, MatVocabulary.BuiltIn, new Output(results, Console.Error, input));

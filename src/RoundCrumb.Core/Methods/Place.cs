namespace RoundCrumb.Core.Methods;

/// <summary>Where a step is done, or waits.</summary>
public enum Place
{
    Bench,
    Fridge,
    Freezer,
    Hob,
    Oven,
    Mixer,
    Processor,
}

/// <summary>What is known of a place.</summary>
public static class Places
{
    extension(Place place)
    {
        /// <summary>What a baker calls it.</summary>
        public string Name => place switch
        {
            Place.Bench => "bench",
            Place.Fridge => "fridge",
            Place.Freezer => "freezer",
            Place.Hob => "hob",
            Place.Oven => "oven",
            Place.Mixer => "mixer",
            Place.Processor => "processor",
        };
    }
}

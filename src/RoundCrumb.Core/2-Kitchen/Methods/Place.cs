namespace RoundCrumb.Core.Methods;

/// <summary>Where a step is done, or waits.</summary>
public enum Place
{
    /// <summary>On the bench, by hand.</summary>
    Bench,

    /// <summary>In a fridge.</summary>
    Fridge,

    /// <summary>In a freezer.</summary>
    Freezer,

    /// <summary>On a burner of the hob.</summary>
    Hob,

    /// <summary>In an oven.</summary>
    Oven,

    /// <summary>In a mixer.</summary>
    Mixer,

    /// <summary>In a food processor.</summary>
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

using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Costing;

/// <summary>How a counter rounds its prices.</summary>
public enum PriceStep
{
    /// <summary>To five pence.</summary>
    Five,

    /// <summary>To ten pence.</summary>
    Ten,

    /// <summary>To fifty pence.</summary>
    Fifty,

    /// <summary>To whole pounds.</summary>
    Pound,
}

/// <summary>What is known of a price step.</summary>
public static class PriceSteps
{
    extension(PriceStep step)
    {
        /// <summary>How many pence it is.</summary>
        public int Pence => step switch
        {
            PriceStep.Five => 5,
            PriceStep.Ten => 10,
            PriceStep.Fifty => 50,
            PriceStep.Pound => 100,
        };
    }
}

/// <summary>What work, energy and the margin are reckoned at.</summary>
/// <param name="HandsAnHour">An hour of hands, pounds; 0 where hands are not counted.</param>
/// <param name="Kilowatt">A kilowatt-hour, pounds; 0 or more.</param>
/// <param name="Margin">The share of a price that stays, 0 to 0.95.</param>
/// <param name="Step">How prices are rounded.</param>
public sealed record CostRates(double HandsAnHour, double Kilowatt, double Margin, PriceStep Step)
{
    /// <summary>The largest margin that is taken.</summary>
    public const double MostMargin = 0.95;

    /// <summary>Energy that an oven takes to get hot.</summary>
    public static readonly Constant WarmUp = new(
        "an oven takes to heat", 2.0, 1.5, 2.5, Dimension.Energy, "From cold to baking heat; by its size and its walls.");

    /// <summary>Energy that a hot oven takes in an hour.</summary>
    public static readonly Constant AnHour = new(
        "an oven takes an hour, hot", 0.9, 0.6, 1.2, Dimension.Energy, "To stay hot; each opened door is in it.");

    /// <summary>A price for a cost: so much that the margin stays, rounded up to the counter's step.</summary>
    /// <param name="id">What the figure is called.</param>
    /// <param name="name">What it is.</param>
    /// <param name="cost">The cost.</param>
    public Worked<Pounds> PriceFor(string id, string name, IWorked cost)
    {
        var margin = Math.Clamp(Margin, 0, MostMargin);
        var exact = cost.Amount.Amount / (1 - margin);

        // A hundredth of a penny is no reason for a step more.
        var steps = Math.Ceiling((exact * 100 / Step.Pence) - 1e-4);
        return new(
            id, name, new(Math.Max(0, steps) * Step.Pence / 100), "cost ÷ (1 − margin), rounded up to the counter's step", Term.Of(cost),
            Term.Given("margin", margin, Dimension.Share), Term.Given("rounded up to", Step.Pence / 100.0, Dimension.Money));
    }
}

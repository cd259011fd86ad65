using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>How much filling to make for the pies in hand.</summary>
public enum BatchKind
{
    /// <summary>Weighed out to fit exactly; eggs and packs may be broken.</summary>
    Exact,

    /// <summary>The nearest batch of whole eggs or packs that does not overfill.</summary>
    Below,

    /// <summary>The nearest batch of whole eggs or packs that fills the pan, with something left over.</summary>
    Above,

    /// <summary>So many times the formula as written, whatever the pan holds.</summary>
    Times,

    /// <summary>As much as there is of one ingredient: a tin, half a litre, seven yolks.</summary>
    InHand,
}

/// <summary>How much filling to make.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="Times">For <see cref="BatchKind.Times"/> alone: how many times the formula.</param>
public readonly record struct BatchChoice(BatchKind Kind, double Times = 1)
{
    /// <summary>For <see cref="BatchKind.InHand"/> alone: the id of what there is so much of.</summary>
    public string Of { get; init; } = "";

    /// <summary>For <see cref="BatchKind.InHand"/> alone: how much of it there is.</summary>
    public Grams Amount { get; init; }

    /// <summary>True where the baker says how much is made, whatever the pans hold.</summary>
    public bool IsSaid => Kind is BatchKind.Times or BatchKind.InHand;

    /// <summary>As much as an amount of one ingredient makes.</summary>
    /// <param name="ingredient">Its id.</param>
    /// <param name="amount">How much of it there is.</param>
    public static BatchChoice From(string ingredient, Grams amount) => new(BatchKind.InHand) { Of = ingredient, Amount = amount };

    /// <summary>How many times a formula an amount of one of its lines makes; none where it has no such line.</summary>
    /// <param name="formula">The formula.</param>
    /// <param name="setter">How much of the written setter goes in.</param>
    public Worked<Factor>? TimesOf(FillingFormula formula, double setter)
    {
        var of = Of;
        var lines = formula.Lines.Where(l => l.Ingredient.Id == of).ToList();
        var written = lines.Sum(l => formula.GramsOf(l, setter));
        if (Kind is not BatchKind.InHand || written <= 0)
            return null;
        return new(
            "in-hand-scale", "Times the formula", new(Amount.Value / written), "what is in hand ÷ what one batch takes",
            Term.Given($"{lines[0].Ingredient.ShortName} in hand", Amount), Term.Given("in one batch as written", new Grams(written)));
    }

    /// <summary>As much as the pans want.</summary>
    public static readonly BatchChoice Exact = new(BatchKind.Exact);

    /// <summary>The workable batch that is next below.</summary>
    public static readonly BatchChoice Below = new(BatchKind.Below);

    /// <summary>The workable batch that is next above.</summary>
    public static readonly BatchChoice Above = new(BatchKind.Above);
}

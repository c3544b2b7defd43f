<?php

declare(strict_types=1);

namespace App\Cost;

use App\Kitchen\Settings;
use App\Measure\Piece;
use App\Portion\PortionBench;
use App\Receive\Fish;
use App\Route\Sorting;
use Brick\Math\BigRational;
use Illuminate\Support\Facades\DB;
use Sectum\Cost\Cost;
use Sectum\Cost\Credit;
use Sectum\Cost\NothingToCost;
use Sectum\Cost\Product;
use Sectum\Cost\Purchase;
use Sectum\Cost\Split;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;

/** What one fish cost, from its readings, its bins and its invoice. */
final readonly class FishCost
{
    /**
     * @param  list<Piece>  $credited  in the order of the cost's credits
     * @param  list<Piece>  $portions  in the order of the pieces
     * @param  Cost|null  $cost  null while there is no price or no portion
     * @param  string|null  $missing  what stands in the way, as a sentence
     */
    private function __construct(public array $credited, public array $portions, public ?Cost $cost, public ?string $missing)
    {
    }

    public static function of(Fish $fish, Settings $settings): self
    {
        $values = self::binValues();
        $sorting = new Sorting($fish, $settings->scaleStep);
        $credited = [];
        $credits = [];
        foreach ($sorting->pieces() as $piece) {
            $bin = $piece->bin;
            if ($bin !== null && ($values[$bin->value] ?? 0) > 0) {
                $credited[] = $piece;
                $credits[] = new Credit($piece->reading()?->mass() ?? Mass::zero(), $values[$bin->value]);
            }
        }
        $portions = array_values(array_filter(PortionBench::portionsOf($fish), fn (Piece $piece): bool => $piece->bin === null));
        $whole = $fish->whole()->reading()?->mass();
        if ($fish->price_per_kg_minor === null || $whole === null) {
            return new self($credited, $portions, null, 'This fish has no price yet.');
        }
        $masses = array_map(fn (Piece $piece): Mass => $piece->reading()?->mass() ?? Mass::zero(), $portions);
        try {
            $cost = Cost::of(
                new Purchase($whole, $fish->price_per_kg_minor, $fish->delivery_minor, BigRational::of($fish->labour_minutes ?? '0'), $settings->labourRateMinor),
                $credits,
                $masses === [] ? [] : [new Product('portions', array_reduce($masses, fn (Mass $sum, Mass $mass): Mass => $sum->plus($mass), Mass::zero()), $masses, BigRational::one())],
                Split::ByWeight,
            );
        } catch (NothingToCost $nothing) {
            return new self($credited, $portions, null, $nothing->getMessage());
        }

        return new self($credited, $portions, $cost, null);
    }

    /** @return array<string, int> minor units a kilo, by bin */
    private static function binValues(): array
    {
        $values = array_fill_keys(array_column(Bin::cases(), 'value'), 0);
        foreach (DB::table('bins')->pluck('value_per_kg_minor', 'bin') as $bin => $value) {
            $values[(string) $bin] = is_numeric($value) ? (int) $value : 0;
        }

        return $values;
    }
}

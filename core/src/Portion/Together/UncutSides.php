<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

use Sectum\BreakDown\UncutFish;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

/** The fillets a fish should give, before anybody cut it. */
final readonly class UncutSides
{
    /**
     * @param  float  $meanGrams  all its fillets together, 0 or more
     * @param  float  $sdGrams  0 or more
     * @param  int  $sides  it comes off in, 1 or more
     *
     * @throws BadBatch which names the figure
     */
    public function __construct(public float $meanGrams, public float $sdGrams, public int $sides)
    {
        $meanGrams >= 0 || throw new BadBatch('Fillets weigh nothing or more.', $meanGrams, '/mean_g');
        $sdGrams >= 0 || throw new BadBatch('A spread is 0 or more.', $sdGrams, '/sd_g');
        $sides >= 1 || throw new BadBatch('A fish comes apart in one side or more.', $sides, '/sides');
    }

    /**
     * As the catalogue expects them of fish nobody cut.
     *
     * @param  int  $count  fish weighed together
     * @param  array<string, Share>  $shares  of the fish as it was bought, by part
     */
    public static function expected(Mass $whole, int $count, array $shares, BodyForm $form): self
    {
        $fillets = UncutFish::of($whole, $shares, $form->parts())->fillets();
        $variance = 0.0;
        foreach ($shares as $part => $share) {
            $variance += Part::from($part)->isFillet() ? $share->sdPct ** 2 : 0.0;
        }

        return new self($fillets->grams(), ($whole->grams() * sqrt($variance)) / 100, $count * $form->fillets());
    }
}

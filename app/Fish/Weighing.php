<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;

/** A weight as it comes from the bench: off the pan, or typed. */
final readonly class Weighing
{
    private function __construct(
        public Mass $mass,
        public Mass $tare,
        public Mass $resolution,
        public ?string $typed,
    ) {
    }

    /**
     * @param  Mass|null  $most  what can be weighed at once; the bench scale's range when not given
     * @param  string  $at  where the weight stands in the request, as a JSON pointer
     *
     * @throws Fault when it is no weight, was not steady, or is beyond the scale
     */
    public static function read(
        Fields $weight,
        Settings $settings,
        UnitSystem $units,
        string $at = '/weight',
        ?Mass $most = null,
    ): self {
        $typed = $weight->maybeString('typed');
        if (($typed === null) === ! $weight->has('pan')) {
            throw Fault::inField($at, 'Put it on the scale, or type its weight.');
        }
        if ($typed !== null) {
            $mass = Fault::at($at.'/typed', fn (): Mass => Mass::parse($typed, $units));
            $weighing = new self($mass, Mass::zero(), $settings->scaleStep, $typed);
        } else {
            $pan = $weight->fields('pan');
            if (! $pan->bool('steady')) {
                throw Fault::inField($at.'/pan', 'The weight was still moving. Let it settle, then record it.');
            }
            $weighing = new self(
                Mass::ofMilligrams($pan->int('mass_mg')),
                Mass::ofMilligrams($pan->int('tare_mg')),
                Mass::ofMilligrams($pan->int('resolution_mg')),
                null,
            );
        }
        if ($weighing->mass->plus($weighing->tare)->milligrams > ($most ?? $settings->scaleMost)->milligrams) {
            $unit = $units->bench();
            throw Fault::inField(
                $at.($typed === null ? '/pan' : '/typed'),
                'This scale weighs up to '.
                    ($most ?? $settings->scaleMost)->print($unit).
                    '. Check the unit, or weigh it in two parts.',
            );
        }

        return $weighing;
    }

    /**
     * The same weighing with something else that lay on the scale counted as tare: ice, a tub.
     *
     * @throws Fault when nothing would be left
     */
    public function less(Mass $more, string $at): self
    {
        $net = $this->mass->minus($more);

        return $net->isPositive()
            ? new self($net, $this->tare->plus($more), $this->resolution, $this->typed)
            : throw Fault::inField($at, 'What lies under it weighs as much as all of it. Check it.');
    }
}

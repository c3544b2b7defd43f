<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Measure\Temperature;

/** How fast a hot batch is cooled: as the FDA Food Code has it until the head chef sets another rule of the house. */
final readonly class CoolingLimits
{
    /**
     * @param  float  $hot  °C from which the time counts
     * @param  float  $warm  °C to be reached first, below hot
     * @param  float  $firstHours  in which it is reached
     * @param  float  $cold  °C to be reached then, below warm
     * @param  float  $thenHours  in which it is reached, after the first
     * @param  string  $rule  name of the rule set
     */
    public function __construct(
        public float $hot = 57.0,
        public float $warm = 21.0,
        public float $firstHours = 2.0,
        public float $cold = 5.0,
        public float $thenHours = 4.0,
        public string $rule = 'FDA Food Code 3-501.14',
    ) {
    }

    /**
     * Where it starts, and by when it is how cold.
     *
     * @return list<CoolingPoint> one after the other
     */
    public function points(): array
    {
        return [
            new CoolingPoint(0.0, Temperature::ofCelsius($this->hot)),
            new CoolingPoint($this->firstHours, Temperature::ofCelsius($this->warm)),
            new CoolingPoint($this->firstHours + $this->thenHours, Temperature::ofCelsius($this->cold)),
        ];
    }
}

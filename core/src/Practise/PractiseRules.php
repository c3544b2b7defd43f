<?php

declare(strict_types=1);

namespace Sectum\Practise;

use Sectum\Practise\Gate\Gate;

/** What a house asks of its learners, and of its cutters before they do a thing alone. */
final readonly class PractiseRules
{
    /**
     * @param  bool  $asksBones  before a bone check counts without a second person
     * @param  bool  $asksEye  before every nth piece is weighed only
     * @param  bool  $asksManyBoned  before many-boned fish is cut alone
     * @param  float  $eyeWithinPct  nine guesses of ten lie within, above 0
     * @param  float  $bonesAtLeastPct  of all bones are found, below 100
     * @param  int  $minutes  a day
     */
    public function __construct(
        public bool $asksBones = false,
        public bool $asksEye = false,
        public bool $asksManyBoned = false,
        public float $eyeWithinPct = 8.0,
        public float $bonesAtLeastPct = 95.0,
        public int $minutes = 10,
    ) {
    }

    public function asks(Gate $gate): bool
    {
        return match ($gate) {
            Gate::Bones => $this->asksBones,
            Gate::Eye => $this->asksEye,
            Gate::ManyBoned => $this->asksManyBoned,
        };
    }
}

<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Workmanship;

use Sectum\BreakDown\TwoSides;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Message;

/** The last fish of a cutter, and in what it fell short of what fish like it give. */
final readonly class LastFish
{
    /** A skin beyond its usual share by more than this many spreads has meat on it. Estimate. */
    private const FAR = 1.5;

    /**
     * @param  Mass|null  $leftOnFrame  beyond a clean frame's spread; null when nothing to speak of
     * @param  TwoSides|null  $sides  null when they were not weighed apart
     * @param  Mass|null  $skin  as weighed; null when it was not, or stayed on
     * @param  Share|null  $usualSkin  of a fish like it
     * @param  array<string, int>  $marks  the worst of each mark over its sides, by its code
     * @param  int  $foundLater  bones found while portioning
     */
    public function __construct(
        private Mass $whole,
        private ?Mass $leftOnFrame,
        private ?TwoSides $sides,
        private ?Mass $skin,
        private ?Share $usualSkin,
        private array $marks,
        private int $foundLater,
        private bool $gallBurst,
    ) {
    }

    /** @return list<Message> with codes of ShortBy, the weights first */
    public function fellShortBy(): array
    {
        $short = [];
        if ($this->leftOnFrame !== null) {
            $short[] = new Message(ShortBy::MeatOnFrame, ['mass' => $this->leftOnFrame]);
        }
        if ($this->sides !== null && ! $this->sides->areAlike()) {
            $short[] = new Message(ShortBy::SidesUnlike, ['mass' => $this->sides->difference()]);
        }
        $onSkin = $this->onSkin();
        if ($onSkin !== null) {
            $short[] = new Message(ShortBy::MeatOnSkin, ['mass' => $onSkin]);
        }
        foreach (Mark::cases() as $mark) {
            if (($this->marks[$mark->value] ?? 0) >= Mark::FELL_SHORT) {
                $short[] = new Message($mark->shownBy());
            }
        }
        if ($this->foundLater > 0) {
            $short[] = new Message(ShortBy::BonesMissed, ['count' => $this->foundLater]);
        }
        if ($this->gallBurst) {
            $short[] = new Message(ShortBy::GallBurst);
        }

        return $short;
    }

    private function onSkin(): ?Mass
    {
        if ($this->skin === null || $this->usualSkin === null) {
            return null;
        }
        $usual = ($this->whole->grams() * $this->usualSkin->meanPct) / 100;
        $far = (self::FAR * $this->whole->grams() * $this->usualSkin->sdPct) / 100;

        return $this->skin->grams() > $usual + $far ? Mass::ofGrams($this->skin->grams() - $usual) : null;
    }
}

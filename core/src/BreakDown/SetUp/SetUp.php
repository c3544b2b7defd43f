<?php

declare(strict_types=1);

namespace Sectum\BreakDown\SetUp;

use DateTimeImmutable;
use Sectum\Message;

/** A board set up for one lot: what lies there, and which knife. Said, never in the way. */
final readonly class SetUp
{
    /** Days of work after which a fish knife wants the stone. Estimate. */
    private const SHARP_DAYS = 3;

    /**
     * @param  list<Laid>  $laid
     * @param  DateTimeImmutable|null  $sharpened  day; null when nobody knows
     * @param  DateTimeImmutable  $today  day
     *
     * @throws BadSetUp when the knife is sharpened on a day to come
     */
    public function __construct(
        public array $laid,
        public Knife $knife,
        public ?DateTimeImmutable $sharpened,
        private DateTimeImmutable $today,
    ) {
        if ($sharpened !== null && $sharpened > $today) {
            throw new BadSetUp(new Message(SetUpSays::BadDay), $sharpened->format('Y-m-d'), '/sharpened_on');
        }
    }

    /** @return list<Message> what is still to be done; none when it is ready */
    public function remarks(bool $hasPinBones): array
    {
        $missing = array_values(
            array_filter(
                Laid::cases(),
                fn (Laid $one): bool => ! in_array($one, $this->laid, true) &&
                    ($one !== Laid::Pliers || $hasPinBones),
            ),
        );
        $said = [];
        foreach ($missing as $one) {
            $said[] = new Message(SetUpSays::Missing, ['what' => $one]);
        }
        $days = $this->sharpened === null ? 0 : $this->sharpened->diff($this->today)->days;
        if ($days > self::SHARP_DAYS) {
            $said[] = new Message(SetUpSays::Blunt, ['count' => $days]);
        }

        return $said;
    }
}

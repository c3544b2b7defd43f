<?php

declare(strict_types=1);

namespace Sectum\Practise;

/** What is practised before a fish is spoilt; one drill each. */
enum Skill: string
{
    /** The steps of a method, put in order. */
    case Order = 'order';
    /** Pin bones of a side, found by touch. */
    case Bones = 'bones';
    /** Weights, said before the scale does. */
    case Weight = 'weight';
    /** Cuts placed on a side whose shape is not the table's. */
    case Cuts = 'cuts';
    /** Fish that comes in, graded and decided on. */
    case Fresh = 'fresh';
    /** Sheets of weights with one mistake among them, or none. */
    case Sheets = 'sheets';
    /** Parts, each to its bin. */
    case Bins = 'bins';
    /** Whether the evidence allows a dish, and by which rule. */
    case Raw = 'raw';

    /** Minutes one drill usually takes. Estimates. */
    public function minutes(): int
    {
        return match ($this) {
            self::Order, self::Fresh, self::Cuts => 3,
            self::Bones, self::Weight, self::Sheets, self::Bins, self::Raw => 2,
        };
    }

    /** Minutes after which an answer is not taken any more: five times as long as it usually takes. Estimate. */
    public function minutesAtMost(): int
    {
        return 5 * $this->minutes();
    }
}

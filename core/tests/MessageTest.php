<?php

declare(strict_types=1);

namespace Sectum\Tests;

use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Portion\PortionStop;
use Sectum\Receive\LineGap;
use Sectum\Route\Bins\NotInTheBin;
use Sectum\Route\Bins\NotInTheBinBecause;

final class MessageTest extends TestCase
{
    public function test_a_code_is_named_by_its_enum_and_its_case(): void
    {
        self::assertSame('portion-stop.too-thin', (new Message(PortionStop::TooThin))->key());
        self::assertSame('line-gap.fish-short', (new Message(LineGap::FishShort, ['count' => 1]))->key());
    }

    public function test_a_refusal_carries_what_it_says_and_the_value_it_is_about(): void
    {
        $said = new Message(NotInTheBinBecause::OnlyLeft, ['left' => Mass::ofGrams(20)]);
        $refused = new NotInTheBin($said, 30_000, '/mass');
        self::assertSame([$said, 30_000, '/mass'], [$refused->said(), $refused->value(), $refused->pointer()]);
        self::assertSame('not-in-the-bin-because.only-left', $refused->getMessage());
        self::assertNull((new NotInTheBin('Said in full.', 1))->said());
    }
}

<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Portion\LeftFlesh;

final class LeftFleshTest extends TestCase
{
    public function test_a_fillet_nobody_portioned_is_asked_about_and_its_ends_are_not(): void
    {
        $much = fn (float $left, float $fillet): bool => LeftFlesh::isMuch(
            Mass::ofGrams($left),
            Mass::ofGrams($fillet),
        );
        self::assertTrue($much(545, 545));
        self::assertTrue($much(320, 1500));
        self::assertFalse($much(300, 1500), 'a fifth is ends and tail');
        self::assertFalse($much(99, 120), 'too little to go back for');
        self::assertFalse($much(0, 1500));
    }
}

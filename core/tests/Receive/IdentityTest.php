<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use PHPUnit\Framework\TestCase;
use Sectum\Receive\BadGrade;
use Sectum\Receive\Identity;
use Sectum\Receive\NotIt;
use Sectum\Receive\Verdict;

final class IdentityTest extends TestCase
{
    private const SIGNS = ['Chin barbel', 'Pale line', 'Square tail'];

    public function test_a_missing_sign_makes_it_doubtful_and_is_named(): void
    {
        self::assertFalse(Identity::of('Cod', self::SIGNS, [])->isDoubtful());
        self::assertNull(Identity::of('Cod', self::SIGNS, [])->doubt());
        $doubt = Identity::of('Cod', self::SIGNS, [2, 0, 2]);
        self::assertSame(['Chin barbel', 'Square tail'], $doubt->missing);
        self::assertSame(
            [Verdict::Hold, Verdict::Hold, Verdict::Hold, Verdict::Refuse],
            array_map($doubt->judged(...), Verdict::cases()),
        );
        self::assertSame(
            Verdict::cases(),
            array_map(Identity::of('Cod', self::SIGNS, [])->judged(...), Verdict::cases()),
        );
        self::assertSame(NotIt::SignsMissing, $doubt->doubt()?->code);
        self::assertSame(['name' => 'Cod', 'signs' => 'chin barbel; square tail'], $doubt->doubt()->values);
    }

    public function test_a_sign_the_kind_does_not_have_cannot_be_missing(): void
    {
        foreach ([
            [self::SIGNS, [0, 3], '/missing_signs/1', NotIt::NoSuchSign],
            [[], [0], '/missing_signs/0', NotIt::NoSigns],
        ] as [$signs, $missing, $pointer, $code]) {
            try {
                Identity::of('Cod', $signs, $missing);
                self::fail('It was taken.');
            } catch (BadGrade $bad) {
                self::assertSame([$pointer, $code], [$bad->pointer(), $bad->said()?->code]);
            }
        }
    }
}

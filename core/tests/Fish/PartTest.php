<?php

declare(strict_types=1);

namespace Sectum\Tests\Fish;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;

final class PartTest extends TestCase
{
    public function test_every_form_can_be_weighed_in_three_or_part_by_part(): void
    {
        foreach (BodyForm::cases() as $form) {
            self::assertCount(3, $form->quickParts());
            $codes = array_map(fn (Part $part): string => $part->value, $form->parts());
            self::assertSame(array_unique($codes), $codes);
            self::assertNotSame([], array_filter($form->parts(), fn (Part $part): bool => $part->isFillet()));
        }
    }

    public function test_a_fish_still_gives_fillets_however_it_was_bought(): void
    {
        foreach (BodyForm::cases() as $form) {
            foreach (StateBought::cases() as $state) {
                $left = array_filter(
                    $form->parts(),
                    fn (Part $part): bool => ! in_array($part, $state->alreadyOff(), true),
                );
                self::assertNotSame(
                    [],
                    array_filter($left, fn (Part $part): bool => $part->isFillet()),
                    "{$form->value} {$state->value}",
                );
            }
        }
    }

    public function test_fillets_never_leave_the_ladder_and_everything_else_does(): void
    {
        foreach (Part::cases() as $part) {
            $stays = $part->isFillet() || $part === Part::Whole || $part === Part::Portion;
            self::assertSame($stays, $part->leavesAt() === null, $part->value);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Kitchen\Format\Paper;
use App\Kitchen\Language\Said;
use App\Kitchen\Moment;
use Sectum\Plan\Work\PrepPlan;
use Sectum\Receive\Freshness;

/** The prep list of everybody who cuts on a day, on one page each: what when, how, how heavy, where the rest goes. */
final readonly class PrepListPdf
{
    private const TITLE = 13.0;

    private const DETAIL = 9.5;

    /** Columns: box, hours, text; mm. */
    private const BOX = 8.0;

    private const HOURS = 38.0;

    public static function of(PrepDay $of, ?PrepPlan $plan): string
    {
        $date = Moment::at($of->day)->format('l j F Y');
        $paper = Paper::titled("Prep list, {$date}");
        if ($plan === null || $plan->planned === []) {
            $paper->page("Prep list, {$date}", 'Nothing is shared out to anybody.', 1);

            return $paper->print();
        }
        $list = new PrepList($of, $plan);
        $alone = $list->of(null);
        foreach ($of->shifts->shifts as $shift) {
            $words = new Said($shift->person->language);
            $lines = $shift->off ? [] : $list->of($shift->person_id, $words);
            if ($lines !== []) {
                $hours = PrepLine::hour($shift->from_minute).' – '.PrepLine::hour($shift->to_minute);
                $paper->in($words);
                self::page($paper, "{$shift->person->name}, {$date}", "{$hours}.", $lines, $alone);
            }
        }

        return $paper->print();
    }

    /**
     * @param  list<PrepLine>  $lines
     * @param  list<PrepLine>  $alone
     */
    private static function page(Paper $paper, string $heading, string $below, array $lines, array $alone): void
    {
        $points = array_sum(array_map(
            fn (PrepLine $one): float => self::TITLE + 6 + ($one->clean ? self::DETAIL : 0) +
                array_sum(array_map(
                    fn (string $said): float => self::DETAIL * ceil((mb_strlen($said) + 1) / 90),
                    $one->details,
                )),
            $lines,
        ));
        $paper->page($heading, $below, $points + 40 + 12 * count($alone));
        foreach ($lines as $one) {
            self::line($paper, $one);
        }
        if ($alone !== []) {
            $paper->space(2);
            $paper->line('Runs by itself', 11, 'B');
            foreach ($alone as $one) {
                $paper->line(
                    PrepLine::hour($one->start).' – '.PrepLine::hour($one->end)."  {$one->title}",
                    self::DETAIL,
                );
            }
        }
        $paper->space(2);
        $paper->line(Freshness::CHECK, 8);
    }

    private static function line(Paper $paper, PrepLine $one): void
    {
        $text = Paper::WIDTH - self::BOX - self::HOURS;
        $at = Paper::LEFT + self::BOX;
        $paper->rule();
        if ($one->clean) {
            $first = 'Clean down first: board, knife, cloth.';
            $paper->cells([['', self::HOURS], [$first, $text]], self::DETAIL, '', $at);
        }
        $paper->box();
        $hours = PrepLine::hour($one->start).' – '.PrepLine::hour($one->end);
        $paper->cells([[$hours, self::HOURS], [$one->title, $text]], self::TITLE, 'B', $at);
        foreach ($one->details as $said) {
            $paper->cells([['', self::HOURS], [$said, $text]], self::DETAIL, '', $at);
        }
    }
}

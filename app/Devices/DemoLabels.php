<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;

/** Made-up box labels as a scanner types them: symbology prefix, FNC1 as group separator. */
final readonly class DemoLabels
{
    private const GS = "\x1d";

    /** @return list<array{name: string, text: string}> */
    public static function all(DateTimeImmutable $today): array
    {
        $ago = fn (int $days): string => $today->modify("-{$days} days")->format('ymd');

        return [
            [
                'name' => 'Hake',
                'text' => ']C1'.
                    '01'.
                    '09506000134352'.
                    '3103'.
                    '012300'.
                    '37'.
                    '4'.
                    self::GS.
                    '10'.
                    'H-2311'.
                    self::GS.
                    '7005'.
                    '27.7.a'.
                    self::GS.
                    '7007'.
                    $ago(3).
                    self::GS.
                    '7008'.
                    'HKE'.
                    self::GS.
                    '7009'.
                    'LLS'.
                    self::GS.
                    '7010'.
                    '01',
            ],
            [
                'name' => 'Brill',
                'text' => ']d2'.
                    '01'.
                    '09506000134369'.
                    '3103'.
                    '006950'.
                    '37'.
                    '3'.
                    self::GS.
                    '10'.
                    'B-0917'.
                    self::GS.
                    '7005'.
                    '27.4.c'.
                    self::GS.
                    '7007'.
                    $ago(2).
                    self::GS.
                    '7008'.
                    'BLL'.
                    self::GS.
                    '7010'.
                    '01',
            ],
            [
                'name' => 'Trout, farmed',
                'text' => 'https://id.gs1.org/01/09506000134376/10/T-77'.
                    '?3103=008400&7008=TRR&7010=03&37=7&7007='.$ago(1),
            ],
            [
                'name' => 'Mackerel',
                'text' => '(01)09506000134383(3103)001460(37)4(10)M-5(7008)MAC(7005)27.6.a(7010)01(7007)'.$ago(2),
            ],
            ['name' => 'Torn', 'text' => ']C1'.'01'.'0950600013435'],
        ];
    }
}

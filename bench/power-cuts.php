<?php

declare(strict_types=1);

// The power-cut drill: so many upgrades and backups of an installed house, each cut off at a moment drawn by dice by
// killing everything of it at once. Afterwards the old or the new stands there and every reading; a backup that has a
// name is whole. php bench/power-cuts.php [cuts] [seed]

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\load\InstalledHouse;

$cuts = (int) ($argv[1] ?? 200);
$dice = new Randomizer(new Mt19937((int) ($argv[2] ?? 1)));
$house = new InstalledHouse(8943, 8980);
$done = ['upgrade' => ['old' => 0, 'new' => 0], 'backup' => ['old' => 0, 'new' => 0]];
$halves = [];

/** The command a house's scheduler runs, on the generation that is the kitchen's. */
$backup = fn (): Process => new Process(
    ['php', 'artisan', 'sectum:backup', "--to={$house->data('/backups')}"],
    (string) realpath($house->data('/current/code')),
    [
        'APP_ENV' => 'production',
        'APP_KEY' => (string) file_get_contents($house->data('/key')),
        'DB_DATABASE' => (string) realpath($house->data('/current/sectum.sqlite')),
        'LARAVEL_STORAGE_PATH' => $house->data('/storage'),
        'APP_CONFIG_CACHE' => '/nonexistent',
        'APP_ROUTES_CACHE' => '/nonexistent',
        'SECTUM_ENV_FILE' => '/nonexistent',
    ],
);
$backups = fn (): array => glob($house->data('/backups/sectum-*.zip')) ?: [];
/** @return list<string> backups that have a name and are not what they seem */
$broken = function () use ($backups): array {
    $wrong = [];
    foreach ($backups() as $file) {
        $zip = new ZipArchive();
        $whole = $zip->open($file, ZipArchive::CHECKCONS) === true;
        $copy = (string) tempnam(sys_get_temp_dir(), 'sectum-cut');
        $whole = $whole && file_put_contents($copy, (string) $zip->getFromName('sectum.sqlite')) > 0
            && (new PDO("sqlite:{$copy}"))->query('pragma integrity_check')?->fetchColumn() === 'ok';
        unlink($copy);
        $whole || $wrong[] = basename($file);
    }

    return $wrong;
};

try {
    $began = microtime(true);
    $house->install('cut0');
    $house->setUpKitchen();
    $house->receive();
    $took = ['upgrade' => 0.0, 'backup' => 0.0];
    $since = microtime(true);
    $house->install('whole');
    $took['upgrade'] = microtime(true) - $since;
    $since = microtime(true);
    $backup()->mustRun();
    $took['backup'] = microtime(true) - $since;
    printf("uncut: an upgrade takes %.1f s, a backup %.1f s\n", ...array_values($took));
    $readings = 1;
    for ($cut = 1; $cut <= $cuts; $cut++) {
        $what = $cut % 2 === 0 ? 'backup' : 'upgrade';
        [$was, $had] = [$house->version(), count($backups())];
        $running = $what === 'upgrade' ? $house->command([], "cut{$cut}") : $backup();
        $running->start();
        usleep($dice->getInt(0, (int) (1.05e6 * $took[$what])));
        $house->cut();
        $running->stop(0, SIGKILL);
        $now = $house->version();
        $new = $what === 'upgrade' ? $now !== $was : count($backups()) > $had;
        $done[$what][$new ? 'new' : 'old']++;
        $wrong = [
            ...$now === $was || $now === "cut{$cut}" ? [] : ["the version is {$now}"],
            ...is_file($house->data('/current/code/.whole')) ? [] : ['the code is half there'],
            ...$house->readings() === $readings ? [] : ['a reading is lost'],
            ...$broken(),
        ];
        $wrong === [] || $halves[] = "{$what} {$cut}: ".implode(', ', $wrong);
        if ($cut % 10 === 0) {
            // Switched on again, by whichever version stands there, and weighed on.
            $house->install($now);
            $house->receive();
            $readings++;
            printf("%d cuts, %d readings, %.0f s\n", $cut, $readings, microtime(true) - $began);
        }
    }
    foreach ($done as $what => $left) {
        $counts = [array_sum($left), ...array_values($left)];
        printf("%-8s cut off %3d times: %3d left the old, %3d the new\n", $what, ...$counts);
    }
    printf("halves: %d\n%s\n", count($halves), implode("\n", $halves));
} finally {
    $house->cut();
    $house->end();
}
exit($halves === [] ? 0 : 1);

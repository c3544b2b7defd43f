<?php

declare(strict_types=1);

// For KeptOpenTest: a server of one process that leaves the kitchen's file open between requests, and is not careful.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$asked = trim((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH), '/');
if ($asked === 'count') {
    echo json_encode(['rows' => DB::table('t')->count()]);

    return;
}
DB::beginTransaction();
DB::insert('insert into t values (?)', [$asked]);
match ($asked) {
    'finished' => DB::commit(),
    'exit' => exit,
    'memory' => str_repeat('x', 1 << 40),
    'forgotten' => null,
};

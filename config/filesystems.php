<?php

declare(strict_types=1);

// Nothing is served from the disk.
return [
    'default' => 'local',
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]],
];

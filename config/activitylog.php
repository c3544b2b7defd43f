<?php

declare(strict_types=1);

return ['activity_model' => App\Kitchen\Happened::class];

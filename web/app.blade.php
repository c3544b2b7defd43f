<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Sectum</title>
    <link rel="icon" href="/sectum.svg" type="image/svg+xml">
    {{-- Whatever order the sheets come in: elements, the component library, our looks, our components; a screen's own above all. --}}
    <style>@layer reset, mantine, look, ui;</style>
    @vite('web/src/main.tsx')
</head>
<body>
    <div id="sectum"></div>
</body>
</html>

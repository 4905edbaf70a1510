@echo off
rem Zero Ply on Windows: builds what is missing and runs a command. Needs a JDK 17 and Maven.
setlocal
set "root=%~dp0"
set "command=%~1"
if "%command%"=="" set "command=help"
where java >nul 2>nul || (echo zeroply: Java 17 is needed, install a JDK and put it on the PATH. & exit /b 1)
where mvn >nul 2>nul || (echo zeroply: Maven is needed, install it and put it on the PATH. & exit /b 1)
if "%command%"=="test" if "%~2"=="--fast" (
  call mvn -B -ntp -f "%root%pom.xml" test -DexcludedGroups=window,slow
  exit /b
)
if "%command%"=="test" (
  call mvn -B -ntp -f "%root%pom.xml" verify
  exit /b
)
if "%command%"=="help" (
  echo zeroply demo ^| desktop [FILE] ^| test ^| shots [--out DIR] ^| package [--out DIR]
  echo zeroply uci ^| perft ^| analyse ^| suite ^| explain ^| checks ^| difficulty ^| insight ^| ending ^| endings ^| review ^| bench
  echo zeroply match ^| glance ^| selfplay ^| rescore ^| train ^| tune ^| tactics ^| positional ^| import ^| export ^| exercise ^| sample
  exit /b 0
)
if not exist "%root%cli\target\lib" (
  echo zeroply: building ...
  call mvn -q -B -ntp -f "%root%pom.xml" package -DskipTests || exit /b 1
)
if "%command%"=="demo" goto desktop
if "%command%"=="desktop" goto desktop
if "%command%"=="shots" goto shots
for %%c in (match glance selfplay rescore train tune tactics positional) do if "%command%"=="%%c" goto shots
if "%command%"=="package" goto package
java -XX:+UseParallelGC -Xmn96m -XX:MinHeapFreeRatio=10 -XX:MaxHeapFreeRatio=30 -cp "%root%cli\target\lib\*;%root%cli\target\cli.jar" org.zeroply.cli.Main %*
exit /b
:desktop
java -XX:+UseSerialGC -Xmn32m --module-path "%root%desktop\target\javafx" --add-modules javafx.controls,javafx.swing ^
  -cp "%root%desktop\target\lib\*;%root%desktop\target\desktop.jar" org.zeroply.desktop.DesktopLauncher %*
exit /b
:shots
java -Dprism.order=sw -cp "%root%workshop\target\javafx\*;%root%workshop\target\lib\*;%root%workshop\target\workshop.jar" ^
  org.zeroply.workshop.WorkshopLauncher %*
exit /b
:package
for /f "tokens=1,*" %%a in ("%*") do set "rest=%%b"
java -cp "%root%workshop\target\javafx\*;%root%workshop\target\lib\*;%root%workshop\target\workshop.jar" ^
  org.zeroply.workshop.WorkshopLauncher package --root "%root%." %rest%
exit /b
